/**
 * Name: reading the number off a ring and taking a reading into the job. Start at {@link
 * unbo.app.naming.NameController}.
 */
package unbo.app.naming;
