package unbo.app.job;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * How a station's record becomes a document and back. A record only ever gains fields that may be
 * missing; when that is not enough its version goes up, and {@code upgrade} turns an older document
 * into one of today, so that a sheet that an old version wrote still opens.
 *
 * @param station whose sheet it is
 * @param type the record
 * @param version of the documents that are written today, from 1
 * @param empty what stands before anybody wrote
 * @param upgrade from an older document
 */
public record SheetType<T>(Station station, Class<T> type, int version, T empty, Upgrade upgrade) {

  /** Turns a document of an older version into one of today. */
  @FunctionalInterface
  public interface Upgrade {
    ObjectNode from(int version, ObjectNode old);
  }

  /** A first version, which has no older ones. */
  public static <T> SheetType<T> first(Station station, Class<T> type, T empty) {
    return new SheetType<>(station, type, 1, empty, (version, old) -> old);
  }

  /** Reads a sheet that was asked for over all jobs. */
  public T read(KeptSheet kept) {
    return read(new StoredSheet(kept.getVersion(), kept.getDocument()));
  }

  StoredSheet write(T record) {
    return new StoredSheet(version, Documents.write(record));
  }

  /**
   * Reads a document of today's or an older version.
   *
   * @throws IllegalStateException when a newer program wrote it, or it cannot be read
   */
  T read(StoredSheet stored) {
    if (stored.getVersion() > version) {
      throw new IllegalStateException(
          "The sheet of " + station.title() + " was written by a newer version of Unbo");
    }
    try {
      JsonNode node = Documents.MAPPER.readTree(stored.getDocument());
      if (stored.getVersion() < version) {
        node = upgrade.from(stored.getVersion(), (ObjectNode) node);
      }
      return Documents.MAPPER.treeToValue(node, type);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("The sheet of " + station.title() + " cannot be read", e);
    }
  }
}
