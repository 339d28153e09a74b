package unbo.app.account;

/** The password of the demo accounts, shown on the demo's sign-in page and used nowhere else. */
public final class DemoPassword {

  public static final String VALUE = "cone-and-cup";

  private DemoPassword() {}
}
