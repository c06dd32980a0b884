package javax.sql;

import java.io.PrintWriter;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Wrapper;
import java.util.logging.Logger;

/** The base of sources of connections. */
public interface CommonDataSource {
    default java.sql.ShardingKeyBuilder createShardingKeyBuilder() throws SQLException { }
    PrintWriter getLogWriter() throws SQLException;
    int getLoginTimeout() throws SQLException;
    Logger getParentLogger() throws java.sql.SQLFeatureNotSupportedException;
    void setLogWriter(PrintWriter printWriter) throws SQLException;
    void setLoginTimeout(int number) throws SQLException;
}

/** Gives connections to a database. */
public interface DataSource extends CommonDataSource, Wrapper {
    default java.sql.ConnectionBuilder createConnectionBuilder() throws SQLException { }
    Connection getConnection() throws SQLException;
    Connection getConnection(String text, String text2) throws SQLException;
    PrintWriter getLogWriter() throws SQLException;
    int getLoginTimeout() throws SQLException;
    void setLogWriter(PrintWriter printWriter) throws SQLException;
    void setLoginTimeout(int number) throws SQLException;
}
