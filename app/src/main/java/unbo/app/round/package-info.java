/**
 * The round over a vehicle: position after position in walking order, compared with the last round
 * and with the brother. Start at {@link unbo.app.round.RoundController}.
 */
package unbo.app.round;
