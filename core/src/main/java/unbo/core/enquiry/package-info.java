/**
 * One line to type into: part numbers, a measured size, or words for a place. {@link
 * unbo.core.enquiry.Enquiry} works out which of these a text is and says so; it never guesses in
 * silence.
 */
package unbo.core.enquiry;
