package unbo.app.job;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;
import unbo.core.setting.SpindleThread;
import unbo.core.setting.SplitPin;

/**
 * Puts what Set, Pack and Prove kept in columns and tables of their own into one document for each
 * job and station. Written against the tables of version 9 and the documents of their first
 * version, and with none of today's records, so that it stays as it is when they change. Thread and
 * pin of the nut become sizes like any other. Undo does not reach across: what stood before an old
 * change is dropped, and the history says so.
 */
@Component
public class V10__Sheets_of_stations extends BaseJavaMigration {

  private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

  /** How a row becomes part of a document. */
  @FunctionalInterface
  private interface Row {
    void read(ResultSet row) throws SQLException;
  }

  @Override
  public void migrate(Context context) throws SQLException {
    Connection db = context.getConnection();
    run(
        db,
        "create table job_sheet (job_id bigint not null references job (id),"
            + " station varchar(20) not null, version int not null, document mediumtext not null,"
            + " primary key (job_id, station))");
    List<Long> jobs = new ArrayList<>();
    each(db, "select id from job", row -> jobs.add(row.getLong(1)));
    for (long job : jobs) {
      put(db, job, "SET", set(db, job));
      put(db, job, "PACK", pack(db, job));
      put(db, job, "PROVE", prove(db, job));
      sizes(db, job);
    }
    pieces(db);
    endUndo(db);
    drop(db);
  }

  private static ObjectNode set(Connection db, long job) throws SQLException {
    ObjectNode set = JSON.objectNode();
    each(
        db,
        "select * from job where id = " + job,
        row -> {
          ObjectNode nut = JSON.objectNode();
          text(nut, "threadText", row, "thread");
          number(nut, "slots", row, "slots");
          number(nut, "holeLines", row, "hole_lines");
          number(nut, "retainerPositions", row, "retainer_positions");
          number(nut, "hole", row, "chosen_steps");
          if (row.getObject("window_from_mm") != null) {
            ObjectNode makers = nut.putObject("makers");
            number(makers, "from", row, "window_from_mm");
            number(makers, "to", row, "window_to_mm");
            text(makers, "source", row, "window_source");
          }
          boolean otherGauge = !"dial".equals(row.getString("gauge"));
          if (!nut.isEmpty() || otherGauge) {
            text(nut, "gaugeId", row, "gauge");
            set.set("nut", nut);
          }
          ObjectNode others = JSON.objectNode();
          number(others, "forceN", row, "torque_force_n");
          number(others, "radiusMm", row, "torque_radius_mm");
          number(others, "limitNm", row, "torque_limit_nm");
          text(others, "comingToRest", row, "coming_to_rest");
          putIfFilled(set, "others", others);
        });
    each(
        db,
        "select * from job_end_play where job_id = " + job + " order by stage, place",
        row -> {
          String stage = row.getString("stage").equals("FIRST") ? "first" : "pinned";
          ArrayNode all = set.has(stage) ? (ArrayNode) set.get(stage) : set.putArray(stage);
          ObjectNode reading = all.addObject();
          text(reading, "typed", row, "typed");
          number(reading, "valueMm", row, "value_mm");
          signed(reading, row);
        });
    return set;
  }

  private static ObjectNode pack(Connection db, long job) throws SQLException {
    ObjectNode pack = JSON.objectNode();
    each(
        db,
        "select * from job where id = " + job,
        row -> {
          text(pack, "dutyId", row, "pack_duty");
          number(pack, "gramsPerCm3", row, "pack_density");
          if (row.getObject("pack_by_hand") != null) {
            pack.put("byHand", row.getBoolean("pack_by_hand"));
          }
        });
    ObjectNode masses = JSON.objectNode();
    each(
        db,
        "select * from job_mass where job_id = " + job,
        row -> number(masses, row.getString("place"), row, "mass_g"));
    putIfFilled(pack, "masses", masses);
    return pack;
  }

  private static ObjectNode prove(Connection db, long job) throws SQLException {
    ObjectNode prove = JSON.objectNode();
    each(
        db,
        "select * from job where id = " + job,
        row -> {
          text(prove, "recheckOn", row, "recheck_on");
          number(prove, "recheckKm", row, "recheck_km");
        });
    ObjectNode tests = JSON.objectNode();
    each(
        db,
        "select * from job_test where job_id = " + job,
        row -> {
          ObjectNode test = tests.putObject(row.getString("test"));
          number(test, "beforeValue", row, "before_value");
          number(test, "beforeSecond", row, "before_second");
          number(test, "afterValue", row, "after_value");
          number(test, "afterSecond", row, "after_second");
          signed(test, row);
        });
    putIfFilled(prove, "tests", tests);
    ObjectNode stops = JSON.objectNode();
    each(
        db,
        "select * from job_stop where job_id = " + job,
        row -> {
          ObjectNode stop = stops.putObject(row.getString("stop"));
          stop.put("waived", row.getBoolean("waived"));
          text(stop, "detail", row, "detail");
          text(stop, "role", row, "role");
          signed(stop, row);
        });
    putIfFilled(prove, "stops", stops);
    ObjectNode findings = JSON.objectNode();
    each(
        db,
        "select * from job_finding where job_id = " + job,
        row -> signed(findings.putObject(row.getString("finding")), row));
    putIfFilled(prove, "findings", findings);
    return prove;
  }

  /** Thread and pin were worked out at every look; from here on they are sizes that Set writes. */
  private static void sizes(Connection db, long job) throws SQLException {
    List<String> threads = new ArrayList<>();
    each(
        db,
        "select thread from job where thread is not null and id = " + job,
        row -> threads.add(row.getString(1)));
    for (String text : threads) {
      SpindleThread thread = SpindleThread.parse(text).value().orElse(null);
      if (thread != null) {
        size(db, job, "nut.thread", thread.diameterMm());
        SplitPin pin = SplitPin.forThread(thread.diameterMm()).orElse(null);
        if (pin != null) {
          size(db, job, "pin.diameter", pin.pinHoleMm());
        }
      }
    }
  }

  private static void size(Connection db, long job, String id, double mm) throws SQLException {
    try (PreparedStatement insert =
        db.prepareStatement(
            "replace into job_dimension (job_id, dimension, value_mm) values (?, ?, ?)")) {
      insert.setLong(1, job);
      insert.setString(2, id);
      insert.setDouble(3, mm);
      insert.executeUpdate();
    }
  }

  /** A unit became three parts: what was written of it holds for each. */
  private static void pieces(Connection db) throws SQLException {
    pieces(db, "a2", "unit");
    pieces(db, "a3", "bearing");
  }

  private static void pieces(Connection db, String arrangement, String unit) throws SQLException {
    String which = " j.arrangement = '" + arrangement + "' and p.part = '" + unit + "'";
    for (String piece : List.of("inner-left", "inner-right")) {
      run(
          db,
          "insert into job_part (job_id, part, state, note, revision, station)"
              + " select p.job_id, '"
              + piece
              + "', p.state, p.note, p.revision, p.station from job_part p"
              + " join job j on j.id = p.job_id where"
              + which);
    }
    run(db, "update job_part p join job j on j.id = p.job_id set p.part = 'outer' where" + which);
  }

  private static void endUndo(Connection db) throws SQLException {
    run(
        db,
        "insert into job_event (job_id, at, person, station, text)"
            + " select j.id, utc_timestamp(6), 'Unbo', 'BOOK',"
            + " 'The record was moved to a new form. Changes before this cannot be undone.'"
            + " from job_undo u join job j on j.id = u.job_id where j.closed_at is null");
    run(db, "delete from job_undo");
  }

  private static void drop(Connection db) throws SQLException {
    for (String table :
        List.of("job_end_play", "job_mass", "job_test", "job_stop", "job_finding")) {
      run(db, "drop table " + table);
    }
    for (String column :
        List.of(
            "gauge",
            "thread",
            "slots",
            "hole_lines",
            "retainer_positions",
            "window_from_mm",
            "window_to_mm",
            "window_source",
            "chosen_steps",
            "torque_force_n",
            "torque_radius_mm",
            "torque_limit_nm",
            "coming_to_rest",
            "recheck_on",
            "recheck_km",
            "pack_duty",
            "pack_by_hand",
            "pack_density")) {
      run(db, "alter table job drop column " + column);
    }
  }

  private static void put(Connection db, long job, String station, ObjectNode document)
      throws SQLException {
    if (document.isEmpty()) {
      return;
    }
    try (PreparedStatement insert =
        db.prepareStatement(
            "insert into job_sheet (job_id, station, version, document) values (?, ?, 1, ?)")) {
      insert.setLong(1, job);
      insert.setString(2, station);
      insert.setString(3, document.toString());
      insert.executeUpdate();
    }
  }

  private static void putIfFilled(ObjectNode target, String name, ObjectNode part) {
    if (!part.isEmpty()) {
      target.set(name, part);
    }
  }

  /** Who and when; times stand in the database as UTC. */
  private static void signed(ObjectNode target, ResultSet row) throws SQLException {
    text(target, "person", row, "person");
    LocalDateTime at = row.getObject("at", LocalDateTime.class);
    if (at != null) {
      target.put("at", at.toInstant(ZoneOffset.UTC).toString());
    }
  }

  private static void text(ObjectNode target, String name, ResultSet row, String column)
      throws SQLException {
    String value = row.getString(column);
    if (value != null) {
      target.put(name, value);
    }
  }

  private static void number(ObjectNode target, String name, ResultSet row, String column)
      throws SQLException {
    Object value = row.getObject(column);
    if (value instanceof Integer whole) {
      target.put(name, whole);
    } else if (value != null) {
      target.put(name, row.getDouble(column));
    }
  }

  private static void each(Connection db, String sql, Row reader) throws SQLException {
    try (Statement statement = db.createStatement();
        ResultSet rows = statement.executeQuery(sql)) {
      while (rows.next()) {
        reader.read(rows);
      }
    }
  }

  private static void run(Connection db, String sql) throws SQLException {
    try (Statement statement = db.createStatement()) {
      statement.execute(sql);
    }
  }
}
