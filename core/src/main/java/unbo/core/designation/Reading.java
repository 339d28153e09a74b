package unbo.core.designation;

import java.util.List;
import java.util.OptionalDouble;
import unbo.core.catalogue.Bearing;

/**
 * One plausible reading of a marking.
 *
 * @param item which of the numbers in the text it reads, counted from 0
 * @param bearing the catalogue row
 * @param role {@code set}, {@code cone} or {@code cup} of a taper, else {@code bearing}
 * @param left closure of one side
 * @param right closure of the other side
 * @param clearance clearance group; {@code CN} when not marked
 * @param tolerance tolerance class; {@code Normal} when not marked
 * @param cage cage material, {@code unknown} when not marked
 * @param contactAngleDeg contact angle as marked or tabled; empty when not known
 * @param features further facts of the suffixes, such as {@code hybrid}, {@code stainless}, {@code
 *     pair}, {@code design}, in the words of {@code suffixes.csv}
 * @param parts every run with its meaning, in the order of the text, unread ones too
 * @param unread the runs that nothing explained
 * @param boreInDoubt whether unread digits may name another bore than that of the row
 * @param confidence how sure, 0 to 1; sums to at most 1 over the readings of an item
 * @param doubts why it is not surer, and what would tell
 */
public record Reading(
    int item,
    Bearing bearing,
    String role,
    Closure left,
    Closure right,
    String clearance,
    String tolerance,
    String cage,
    OptionalDouble contactAngleDeg,
    List<String> features,
    List<Part> parts,
    List<String> unread,
    boolean boreInDoubt,
    double confidence,
    List<String> doubts) {}
