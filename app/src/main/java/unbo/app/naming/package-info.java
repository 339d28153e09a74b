/**
 * Name: reading the number off a ring and taking a reading into the job, and the same as a bench
 * tool without a job: one line for numbers, sizes and places, a bearing's card, may it go in
 * instead, what to buy, which do I have. Start at {@link unbo.app.naming.NameStation} for the job's
 * sheet and {@link unbo.app.naming.FindController} for the bench tool.
 */
package unbo.app.naming;
