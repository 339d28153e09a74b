package unbo.app.browser;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.openqa.selenium.By;
import org.openqa.selenium.Dimension;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.TimeoutException;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.WebDriverWait;
import unbo.app.FailedRequests;
import unbo.app.account.DemoPassword;

/**
 * Chromium’s headless build, which draws no window, on the running application, with the waits that
 * htmx pages need.
 */
final class Browser implements AutoCloseable {

  private static final Duration PATIENCE = Duration.ofSeconds(45);

  /** A scan of a large page beside two other browsers on two busy cores. */
  private static final Duration SCRIPT_PATIENCE = Duration.ofSeconds(90);

  /**
   * The program itself. What the path finds is a script that starts it as its child: the driver
   * would end the script alone, wait for the child to close its output, and leave it running.
   */
  private static final String BINARY = "/usr/lib/chromium/chromium-headless-shell";

  private final ChromeDriver driver;
  private final WebDriverWait wait;
  private final String root;
  private int width;

  Browser(int port, int width, int height) throws IOException {
    this.root = "http://127.0.0.1:" + port;
    ChromeOptions options = new ChromeOptions();
    options.setBinary(BINARY);
    options.addArguments(
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        "--disable-dev-shm-usage",
        "--hide-scrollbars");
    LoggingPreferences logs = new LoggingPreferences();
    logs.enable(LogType.BROWSER, java.util.logging.Level.ALL);
    options.setCapability("goog:loggingPrefs", logs);
    ChromeDriverService service =
        new ChromeDriverService.Builder()
            .usingDriverExecutable(new java.io.File("/usr/bin/chromedriver"))
            .build();
    this.driver = new ChromeDriver(service, options);
    driver.manage().timeouts().scriptTimeout(SCRIPT_PATIENCE);
    this.wait = new WebDriverWait(driver, PATIENCE);
    wait.pollingEvery(Duration.ofMillis(100));
    wait.ignoring(StaleElementReferenceException.class);
    driver.manage().window().setSize(new Dimension(1280, 900));
    resize(width, height);
  }

  /** Sets the size of the page itself; the window around it stays as it is. */
  void resize(int width, int height) {
    if (width != this.width) {
      this.width = width;
      driver.executeCdpCommand(
          "Emulation.setDeviceMetricsOverride",
          java.util.Map.of(
              "width", width, "height", height, "deviceScaleFactor", 1, "mobile", !isWide()));
    }
  }

  /** Whether the page is as wide as at the bench, and not as on a phone. */
  boolean isWide() {
    return width > 600;
  }

  ChromeDriver driver() {
    return driver;
  }

  Browser open(String path) {
    driver.get(root + path);
    return this;
  }

  /** Shows every page in a theme, as a system that asks for it does. */
  Browser theme(String theme) {
    ((org.openqa.selenium.chromium.ChromiumDriver) driver)
        .executeCdpCommand(
            "Emulation.setEmulatedMedia",
            java.util.Map.of(
                "features",
                java.util.List.of(
                    java.util.Map.of("name", "prefers-color-scheme", "value", theme))));
    return this;
  }

  /** Shows the page as it is printed. */
  Browser onPaper() {
    driver.executeCdpCommand("Emulation.setEmulatedMedia", java.util.Map.of("media", "print"));
    return this;
  }

  Browser signIn(String username) {
    open("/login");
    // The page gives its first field the keyboard after it is loaded: what is typed into another
    // before that would end in the first one.
    until(
        "the keyboard",
        d -> Boolean.TRUE.equals(script("return document.activeElement.id === 'username'")));
    type("username", username).type("password", DemoPassword.VALUE);
    // A key goes to the field that has it, wherever the page still moves its button.
    driver.findElement(By.id("password")).sendKeys(Keys.ENTER);
    return until("the yard", d -> d.getCurrentUrl().contains("/yard"));
  }

  /** Types into a field by its id, in place of what stood there. */
  Browser type(String id, String text) {
    WebElement field = wait.until(ExpectedConditions.elementToBeClickable(By.id(id)));
    field.clear();
    field.sendKeys(text);
    return this;
  }

  Browser press(String label) {
    return click(By.xpath("//*[self::button or self::a][normalize-space()='" + label + "']"));
  }

  Browser click(By by) {
    wait.until(
        d -> {
          WebElement element = d.findElement(by);
          ((JavascriptExecutor) d)
              .executeScript(
                  "window.beforeTheClick = true; arguments[0].scrollIntoView({block:'center'})",
                  element);
          return clicked(element);
        });
    return this;
  }

  /**
   * Clicks once. Where the page goes while the driver still looks at the element, the click was
   * taken: to try again would look for a button of the page before.
   */
  private boolean clicked(WebElement element) {
    try {
      element.click();
    } catch (StaleElementReferenceException e) {
      if (Boolean.TRUE.equals(script("return window.beforeTheClick === true"))) {
        throw e;
      }
    }
    return true;
  }

  Browser see(String text) {
    try {
      wait.until(d -> shown().contains(text));
    } catch (TimeoutException e) {
      String page = shown();
      throw new AssertionError(
          "“" + text + "” is not on " + driver.getCurrentUrl() + " " + complaints() + ":\n" + page,
          e);
    }
    return this;
  }

  /**
   * The text as it is laid out, asked of the browser itself: the driver's own way weighs every
   * element of a drawing. Nothing while one page gives way to the next, which the driver tells in
   * more than one way.
   */
  private String shown() {
    try {
      Object text = script("return document.body ? document.body.innerText : ''");
      return String.valueOf(text).replace('\u00a0', ' ');
    } catch (WebDriverException e) {
      if (e instanceof StaleElementReferenceException
          || String.valueOf(e.getMessage()).contains("does not belong to the document")) {
        return "";
      }
      throw e;
    }
  }

  Browser waitFor(By by) {
    wait.until(d -> !d.findElements(by).isEmpty());
    return this;
  }

  /** Waits until something holds. */
  Browser until(String what, java.util.function.Predicate<ChromeDriver> condition) {
    try {
      wait.until(d -> condition.test(driver));
    } catch (TimeoutException e) {
      throw new AssertionError(
          what + " never came on " + driver.getCurrentUrl() + " " + complaints() + ":\n" + state(),
          e);
    }
    return this;
  }

  /** What stands in the fields and what the page says, for whoever has to find out why. */
  private String state() {
    return script(
            "return Array.from(document.querySelectorAll('input:not([type=hidden]),select'))"
                + ".filter(f => f.value).map(f => f.name + '=' + f.value).join(' ') + '\\n'")
        + shown();
  }

  String text(By by) {
    return wait.until(d -> d.findElement(by).getText());
  }

  String attribute(By by, String name) {
    return wait.until(d -> d.findElement(by).getDomAttribute(name));
  }

  Object script(String code, Object... arguments) {
    return driver.executeScript(code, arguments);
  }

  /** What a promise comes to. */
  Object outcome(String promise) {
    return driver.executeAsyncScript(
        "const done = arguments[0]; " + promise + ".then(done, e => done(['' + e]))");
  }

  /** A script that the browser itself brings to each page, past the page's own policy. */
  void onEveryPage(String script) {
    driver.executeCdpCommand(
        "Page.addScriptToEvaluateOnNewDocument", java.util.Map.of("source", script));
  }

  /** What the browser itself complained about: refused scripts and styles, errors. */
  List<String> complaints() {
    return driver.manage().logs().get(LogType.BROWSER).getAll().stream()
        .filter(e -> e.getLevel().intValue() >= java.util.logging.Level.WARNING.intValue())
        .map(e -> withItsReason(e.getMessage()))
        // A refused entry is answered with 409 or 422, which the browser logs as a failed resource.
        .filter(m -> !m.contains("status of 422") && !m.contains("status of 409"))
        // Who goes on while a preview is on its way breaks it off; one that failed says sendError.
        .filter(m -> !m.contains("htmx:sendAbort") && !m.contains("htmx:afterRequest"))
        .toList();
  }

  private static String withItsReason(String complaint) {
    return complaint.contains("status of 500") ? complaint + FailedRequests.all() : complaint;
  }

  void picture(Path file) throws IOException {
    script("return document.fonts.ready.then(() => true)");
    Files.createDirectories(file.getParent());
    Files.write(file, driver.getScreenshotAs(OutputType.BYTES));
  }

  @Override
  public void close() {
    driver.quit();
  }
}
