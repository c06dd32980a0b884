package java.util.logging;

import java.io.IOException;
import java.io.InputStream;
import java.io.Serializable;
import java.io.UnsupportedEncodingException;
import java.time.Instant;
import java.util.Enumeration;
import java.util.ResourceBundle;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;

/** Shows messages. */
public class ConsoleHandler extends StreamHandler {
    public ConsoleHandler() { }
    public void close();
    public void publish(LogRecord logRecord);
}

/** Writes messages to a file. */
public class FileHandler extends StreamHandler {
    public FileHandler() throws IOException, SecurityException { }
    public FileHandler(String text) throws IOException, SecurityException { }
    public FileHandler(String text, boolean flag) throws IOException, SecurityException { }
    public FileHandler(String text, int number, int number2) throws IOException, SecurityException { }
    public FileHandler(String text, int number, int number2, boolean flag) throws IOException, SecurityException { }
    public FileHandler(String text, long number, int number2, boolean flag) throws IOException { }
    public void close() throws SecurityException;
    public void publish(LogRecord logRecord);
}

/** Chooses messages. */
public interface Filter {
    boolean isLoggable(LogRecord logRecord);
}

/** Messages as text. */
public abstract class Formatter {
    protected Formatter() { }
    public abstract String format(LogRecord logRecord);
    public String formatMessage(LogRecord logRecord);
    public String getHead(Handler handler);
    public String getTail(Handler handler);
}

/** Takes messages of a log. */
public abstract class Handler {
    protected Handler() { }
    public abstract void close() throws SecurityException;
    public abstract void flush();
    public String getEncoding();
    public ErrorManager getErrorManager();
    public Filter getFilter();
    public Formatter getFormatter();
    public Level getLevel();
    public boolean isLoggable(LogRecord logRecord);
    public abstract void publish(LogRecord logRecord);
    protected void reportError(String text, Exception exception, int number);
    public void setEncoding(String text) throws SecurityException, UnsupportedEncodingException;
    public void setErrorManager(ErrorManager errorManager);
    public void setFilter(Filter filter) throws SecurityException;
    public void setFormatter(Formatter formatter) throws SecurityException;
    public void setLevel(Level level) throws SecurityException;
}

/** How important a message is. */
public class Level implements Serializable {
    public static final Level OFF;
    public static final Level SEVERE;
    public static final Level WARNING;
    public static final Level INFO;
    public static final Level CONFIG;
    public static final Level FINE;
    public static final Level FINER;
    public static final Level FINEST;
    public static final Level ALL;
    protected Level(String text, int number) { }
    protected Level(String text, int number, String text2) { }
    public String getLocalizedName();
    public String getName();
    public String getResourceBundleName();
    public final int intValue();
    public static Level parse(String text) throws IllegalArgumentException;
}

/** All logs of the program. */
public class LogManager {
    public static final String LOGGING_MXBEAN_NAME;
    protected LogManager() { }
    public LogManager addConfigurationListener(Runnable runnable);
    public boolean addLogger(Logger logger);
    public void checkAccess() throws SecurityException;
    public static LogManager getLogManager();
    public Logger getLogger(String text);
    public Enumeration<String> getLoggerNames();
    public static LoggingMXBean getLoggingMXBean();
    public String getProperty(String text);
    public void readConfiguration() throws IOException, SecurityException;
    public void readConfiguration(InputStream inputStream) throws IOException, SecurityException;
    public void removeConfigurationListener(Runnable runnable);
    public void reset() throws SecurityException;
    public void updateConfiguration(Function<String, BiFunction<String, String, String>> function) throws IOException;
    public void updateConfiguration(InputStream inputStream, Function<String, BiFunction<String, String, String>> function) throws IOException;
}

/** A message. */
public class LogRecord implements Serializable {
    public LogRecord(Level level, String text) { }
    public Instant getInstant();
    public Level getLevel();
    public String getLoggerName();
    public long getLongThreadID();
    public String getMessage();
    public long getMillis();
    public Object[] getParameters();
    public ResourceBundle getResourceBundle();
    public String getResourceBundleName();
    public long getSequenceNumber();
    public String getSourceClassName();
    public String getSourceMethodName();
    public int getThreadID();
    public Throwable getThrown();
    public void setInstant(Instant instant);
    public void setLevel(Level level);
    public void setLoggerName(String text);
    public LogRecord setLongThreadID(long number);
    public void setMessage(String text);
    public void setMillis(long number);
    public void setParameters(Object[] items);
    public void setResourceBundle(ResourceBundle resourceBundle);
    public void setResourceBundleName(String text);
    public void setSequenceNumber(long number);
    public void setSourceClassName(String text);
    public void setSourceMethodName(String text);
    public void setThreadID(int number);
    public void setThrown(Throwable throwable);
}

/** Writes messages to a log. */
public class Logger {
    public static final String GLOBAL_LOGGER_NAME;
    public static final Logger global;
    protected Logger(String text, String text2) { }
    public void addHandler(Handler handler) throws SecurityException;
    public void config(String text);
    public void config(Supplier<String> supplier);
    public void entering(String text, String text2);
    public void entering(String text, String text2, Object object);
    public void entering(String text, String text2, Object[] items);
    public void exiting(String text, String text2);
    public void exiting(String text, String text2, Object object);
    public void fine(String text);
    public void fine(Supplier<String> supplier);
    public void finer(String text);
    public void finer(Supplier<String> supplier);
    public void finest(String text);
    public void finest(Supplier<String> supplier);
    public static Logger getAnonymousLogger();
    public static Logger getAnonymousLogger(String text);
    public Filter getFilter();
    public static final Logger getGlobal();
    public Handler[] getHandlers();
    public Level getLevel();
    public static Logger getLogger(String text);
    public static Logger getLogger(String text, String text2);
    public String getName();
    public Logger getParent();
    public ResourceBundle getResourceBundle();
    public String getResourceBundleName();
    public boolean getUseParentHandlers();
    public void info(String text);
    public void info(Supplier<String> supplier);
    public boolean isLoggable(Level level);
    public void log(LogRecord logRecord);
    public void log(Level level, String text);
    public void log(Level level, Supplier<String> supplier);
    public void log(Level level, String text, Object object);
    public void log(Level level, String text, Object[] items);
    public void log(Level level, String text, Throwable throwable);
    public void log(Level level, Throwable throwable, Supplier<String> supplier);
    public void logp(Level level, String text, String text2, String text3);
    public void logp(Level level, String text, String text2, Supplier<String> supplier);
    public void logp(Level level, String text, String text2, String text3, Object object);
    public void logp(Level level, String text, String text2, String text3, Object[] items);
    public void logp(Level level, String text, String text2, String text3, Throwable throwable);
    public void logp(Level level, String text, String text2, Throwable throwable, Supplier<String> supplier);
    public void logrb(Level level, ResourceBundle resourceBundle, String text, Object... items);
    public void logrb(Level level, ResourceBundle resourceBundle, String text, Throwable throwable);
    public void logrb(Level level, String text, String text2, String text3, String text4);
    public void logrb(Level level, String text, String text2, String text3, String text4, Object object);
    public void logrb(Level level, String text, String text2, String text3, String text4, Object[] items);
    public void logrb(Level level, String text, String text2, String text3, String text4, Throwable throwable);
    public void logrb(Level level, String text, String text2, ResourceBundle resourceBundle, String text3, Object... items);
    public void logrb(Level level, String text, String text2, ResourceBundle resourceBundle, String text3, Throwable throwable);
    public void removeHandler(Handler handler) throws SecurityException;
    public void setFilter(Filter filter) throws SecurityException;
    public void setLevel(Level level) throws SecurityException;
    public void setParent(Logger logger);
    public void setResourceBundle(ResourceBundle resourceBundle);
    public void setUseParentHandlers(boolean flag);
    public void severe(String text);
    public void severe(Supplier<String> supplier);
    public void throwing(String text, String text2, Throwable throwable);
    public void warning(String text);
    public void warning(Supplier<String> supplier);
}

/** Messages as plain text. */
public class SimpleFormatter extends Formatter {
    public SimpleFormatter() { }
    public String format(LogRecord logRecord);
}
