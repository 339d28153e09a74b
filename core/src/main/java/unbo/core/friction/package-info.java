/**
 * What a bearing's drag costs, in torque and watts. Start at {@link unbo.core.friction.Friction}.
 */
package unbo.core.friction;
