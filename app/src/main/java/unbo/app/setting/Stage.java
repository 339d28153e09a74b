package unbo.app.setting;

/** When end play was dialled: as found, or again at the pinned hole. */
public enum Stage {
  FIRST,
  PINNED
}
