package unbo.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.lang.reflect.InvocationTargetException;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

@Order(Integer.MAX_VALUE)
class StandardTablesTest {

  private static final String BROKEN = "\nnobody : wrote, this\n";

  /** The classes and tables of core, new for each reading; one file of them may be broken. */
  private static final class FreshCore extends URLClassLoader {
    private final String broken;
    private final Map<String, String> readers = new TreeMap<>();

    FreshCore(String broken) throws IOException {
      super(new URL[] {classes().toUri().toURL()}, StandardTables.class.getClassLoader());
      this.broken = broken;
    }

    /** Our own classes anew, libraries as they are. */
    @Override
    protected Class<?> loadClass(String name, boolean resolve) throws ClassNotFoundException {
      if (!name.startsWith("unbo.core.")) {
        return super.loadClass(name, resolve);
      }
      Class<?> loaded = findLoadedClass(name);
      return loaded == null ? findClass(name) : loaded;
    }

    @Override
    public InputStream getResourceAsStream(String name) {
      InputStream in = super.getResourceAsStream(name);
      if (in == null || name.endsWith(".class")) {
        return in;
      }
      readers.put(name, readerAtWork());
      return name.equals(broken)
          ? new SequenceInputStream(
              in, new ByteArrayInputStream(BROKEN.getBytes(StandardCharsets.UTF_8)))
          : in;
    }

    /** The class that is being initialised, and reads its table for that. */
    private static String readerAtWork() {
      return StackWalker.getInstance()
          .walk(frames -> frames.filter(f -> f.getMethodName().equals("<clinit>")).findFirst())
          .map(StackWalker.StackFrame::getClassName)
          .orElseThrow();
    }

    Throwable readAll() throws ReflectiveOperationException {
      Class<?> tables = Class.forName(StandardTables.class.getName(), true, this);
      try {
        tables.getMethod("readAll").invoke(null);
        return null;
      } catch (InvocationTargetException e) {
        return e.getCause();
      }
    }

    Throwable readBy(String reader) throws ReflectiveOperationException {
      try {
        Class.forName(reader, true, this);
        return null;
      } catch (ExceptionInInitializerError e) {
        return e.getCause();
      }
    }
  }

  /** Who reads each file, by one reading of all. */
  private static Map<String, String> readers;

  @BeforeAll
  static void readOnce() throws Exception {
    try (FreshCore core = new FreshCore("none")) {
      assertThat(core.readAll()).isNull();
      readers = core.readers;
    }
  }

  private static Path classes() {
    return Path.of(
        StandardTables.class.getProtectionDomain().getCodeSource().getLocation().getPath());
  }

  static Set<String> files() throws IOException {
    try (Stream<Path> all = Files.walk(classes())) {
      return all.filter(Files::isRegularFile)
          .map(f -> classes().relativize(f).toString())
          .filter(f -> f.endsWith(".csv") || f.endsWith(".arrangement"))
          .collect(Collectors.toCollection(TreeSet::new));
    }
  }

  @Test
  void everyFileIsRead() throws Exception {
    assertThat(readers.keySet()).containsAll(files());
  }

  /** Whichever is broken stops its reader, with its name and the line. */
  @ParameterizedTest
  @MethodSource("files")
  void aBrokenFileIsNamed(String file) throws Exception {
    try (FreshCore core = new FreshCore(file)) {
      assertNamed(core.readBy(readers.get(file)), file);
    }
  }

  /** A reader that stops within another, or alone, stops the reading of all. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "arrangement/a1.arrangement",
        "catalogue/deep-groove-ball.csv",
        "verification/test-places.csv"
      })
  void aBrokenFileStopsTheReadingOfAll(String file) throws Exception {
    try (FreshCore core = new FreshCore("unbo/core/" + file)) {
      assertNamed(core.readAll(), file);
    }
  }

  private static void assertNamed(Throwable fault, String file) {
    assertThat(fault).as("reading a broken " + file).isNotNull();
    assertThat(fault.getMessage())
        .contains(file.substring(file.lastIndexOf('/') + 1))
        .containsPattern("line \\d+");
  }
}
