package unbo.core;

import java.util.List;
import unbo.core.tables.BrokenTableException;

/**
 * Reads every table and template there is, so that a broken one is known at the start and not when
 * somebody first asks for it. Their classes read them when they are initialised; this only does so
 * now.
 */
public final class StandardTables {

  private static final List<String> READERS =
      List.of(
          "arrangement.Arrangements",
          "buying.Specification",
          "catalogue.Catalogue",
          "comparison.PositionDuty",
          "damage.DamageTables",
          "damage.PathTables",
          "damage.PublishedShares",
          "damage.Reuse",
          "designation.DeepGrooveBallFamily",
          "designation.InchSetFamily",
          "designation.OtherProduct",
          "designation.OtherSize",
          "designation.OtherSpellings",
          "designation.SeriesMeaning",
          "designation.Suffix",
          "designation.TokenShape",
          "diagnosis.Complaint",
          "diagnosis.DiagnosisTables",
          "diagnosis.VehicleHistory",
          "enquiry.Phrases",
          "fit.Fit",
          "fit.IsoZone",
          "fit.Material",
          "fit.Recommendation",
          "fit.WornSeat",
          "friction.Friction",
          "heat.HeatPlan",
          "heat.LooseningHeat",
          "life.Cleanliness",
          "lubricant.BushLubricant",
          "lubricant.Mixing",
          "lubricant.OilGrade",
          "lubricant.SealFace",
          "lubricant.Servicing",
          "lubricant.Water",
          "measure.Instrument",
          "recognition.RecognitionTables",
          "roadside.RoadCard",
          // These three name signs and tests of the tables before them.
          "diagnosis.StopRules",
          "diagnosis.TestOrder",
          "diagnosis.VoidRules",
          "safety.Cautions",
          "section.ListedInside",
          "setting.SettingCards",
          "setting.SplitPin",
          "size.SizeVariant",
          "size.Telltales",
          "tolerance.CornerRadius",
          "tolerance.InternalClearances",
          "tolerance.RingTolerances",
          "tolerance.RunningAccuracy",
          "strip.RustSteps",
          "vehicle.VehicleLayout",
          "vehicle.VehicleTemplate",
          "verification.TestPlaces");

  private StandardTables() {}

  /**
   * Reads them all; costs nothing when they have been read.
   *
   * @throws BrokenTableException with file, line and text of the first fault
   */
  public static void readAll() {
    READERS.forEach(StandardTables::initialise);
  }

  private static void initialise(String reader) {
    try {
      Class.forName(StandardTables.class.getPackageName() + "." + reader);
    } catch (ExceptionInInitializerError e) {
      if (e.getCause() instanceof BrokenTableException broken) {
        throw broken;
      }
      throw e;
    } catch (ClassNotFoundException e) {
      throw new IllegalStateException("No such reader of a table: " + reader, e);
    }
  }
}
