/**
 * The shop's tins of grease: data sheets, which suits a work, what jobs took, what is left. Start
 * at {@link unbo.app.tin.GreaseTin} and {@link unbo.app.tin.TinsForWork}.
 */
package unbo.app.tin;
