/**
 * The yard: vehicles in plan with what is open at which wheel. Start at {@link
 * unbo.app.yard.YardController}.
 */
package unbo.app.yard;
