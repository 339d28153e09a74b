/**
 * Which do I have? A short guided look at a wheel for someone who does not know what it holds, from
 * vehicle, age and what the hand finds, to an arrangement with how sure. Start at {@link
 * unbo.core.recognition.Recognition}.
 */
package unbo.core.recognition;
