package java.sql;

import java.io.InputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.Reader;
import java.io.Writer;
import java.math.BigDecimal;
import java.net.URL;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Calendar;
import java.util.Date;
import java.util.Enumeration;
import java.util.Iterator;
import java.util.Map;
import java.util.Properties;
import java.util.concurrent.Executor;
import java.util.logging.Logger;
import java.util.stream.Stream;

/** A value that is an array. */
public interface Array {
    void free() throws SQLException;
    Object getArray() throws SQLException;
    Object getArray(Map<String, Class<?>> map) throws SQLException;
    Object getArray(long number, int number2) throws SQLException;
    Object getArray(long number, int number2, Map<String, Class<?>> map) throws SQLException;
    int getBaseType() throws SQLException;
    String getBaseTypeName() throws SQLException;
    ResultSet getResultSet() throws SQLException;
    ResultSet getResultSet(Map<String, Class<?>> map) throws SQLException;
    ResultSet getResultSet(long number, int number2) throws SQLException;
    ResultSet getResultSet(long number, int number2, Map<String, Class<?>> map) throws SQLException;
}

/** A batch failed. */
public class BatchUpdateException extends SQLException {
    public BatchUpdateException() { }
    public BatchUpdateException(int[] items) { }
    public BatchUpdateException(Throwable throwable) { }
    public BatchUpdateException(int[] items, Throwable throwable) { }
    public BatchUpdateException(String text, int[] items) { }
    public BatchUpdateException(String text, int[] items, Throwable throwable) { }
    public BatchUpdateException(String text, String text2, int[] items) { }
    public BatchUpdateException(String text, String text2, int number, int[] items) { }
    public BatchUpdateException(String text, String text2, int[] items, Throwable throwable) { }
    public BatchUpdateException(String text, String text2, int number, int[] items, Throwable throwable) { }
    public BatchUpdateException(String text, String text2, int number, long[] items, Throwable throwable) { }
    public long[] getLargeUpdateCounts();
    public int[] getUpdateCounts();
}

/** A large value of bytes. */
public interface Blob {
    void free() throws SQLException;
    InputStream getBinaryStream() throws SQLException;
    InputStream getBinaryStream(long number, long number2) throws SQLException;
    byte[] getBytes(long number, int number2) throws SQLException;
    long length() throws SQLException;
    long position(byte[] items, long number) throws SQLException;
    long position(Blob blob, long number) throws SQLException;
    OutputStream setBinaryStream(long number) throws SQLException;
    int setBytes(long number, byte[] items) throws SQLException;
    int setBytes(long number, byte[] items, int number2, int number3) throws SQLException;
    void truncate(long number) throws SQLException;
}

/** A call of a stored procedure. */
public interface CallableStatement extends PreparedStatement {
    Array getArray(int number) throws SQLException;
    Array getArray(String text) throws SQLException;
    BigDecimal getBigDecimal(int number) throws SQLException;
    BigDecimal getBigDecimal(String text) throws SQLException;
    BigDecimal getBigDecimal(int number, int number2) throws SQLException;
    Blob getBlob(int number) throws SQLException;
    Blob getBlob(String text) throws SQLException;
    boolean getBoolean(int number) throws SQLException;
    boolean getBoolean(String text) throws SQLException;
    byte getByte(int number) throws SQLException;
    byte getByte(String text) throws SQLException;
    byte[] getBytes(int number) throws SQLException;
    byte[] getBytes(String text) throws SQLException;
    Reader getCharacterStream(int number) throws SQLException;
    Reader getCharacterStream(String text) throws SQLException;
    Clob getClob(int number) throws SQLException;
    Clob getClob(String text) throws SQLException;
    Date getDate(int number) throws SQLException;
    Date getDate(String text) throws SQLException;
    Date getDate(int number, Calendar calendar) throws SQLException;
    Date getDate(String text, Calendar calendar) throws SQLException;
    double getDouble(int number) throws SQLException;
    double getDouble(String text) throws SQLException;
    float getFloat(int number) throws SQLException;
    float getFloat(String text) throws SQLException;
    int getInt(int number) throws SQLException;
    int getInt(String text) throws SQLException;
    long getLong(int number) throws SQLException;
    long getLong(String text) throws SQLException;
    Reader getNCharacterStream(int number) throws SQLException;
    Reader getNCharacterStream(String text) throws SQLException;
    NClob getNClob(int number) throws SQLException;
    NClob getNClob(String text) throws SQLException;
    String getNString(int number) throws SQLException;
    String getNString(String text) throws SQLException;
    Object getObject(int number) throws SQLException;
    Object getObject(String text) throws SQLException;
    <T> T getObject(int number, Class<T> type) throws SQLException;
    <T> T getObject(String text, Class<T> type) throws SQLException;
    Object getObject(int number, Map<String, Class<?>> map) throws SQLException;
    Object getObject(String text, Map<String, Class<?>> map) throws SQLException;
    Ref getRef(int number) throws SQLException;
    Ref getRef(String text) throws SQLException;
    RowId getRowId(int number) throws SQLException;
    RowId getRowId(String text) throws SQLException;
    SQLXML getSQLXML(int number) throws SQLException;
    SQLXML getSQLXML(String text) throws SQLException;
    short getShort(int number) throws SQLException;
    short getShort(String text) throws SQLException;
    String getString(int number) throws SQLException;
    String getString(String text) throws SQLException;
    Time getTime(int number) throws SQLException;
    Time getTime(String text) throws SQLException;
    Time getTime(int number, Calendar calendar) throws SQLException;
    Time getTime(String text, Calendar calendar) throws SQLException;
    Timestamp getTimestamp(int number) throws SQLException;
    Timestamp getTimestamp(String text) throws SQLException;
    Timestamp getTimestamp(int number, Calendar calendar) throws SQLException;
    Timestamp getTimestamp(String text, Calendar calendar) throws SQLException;
    URL getURL(int number) throws SQLException;
    URL getURL(String text) throws SQLException;
    void registerOutParameter(int number, int number2) throws SQLException;
    void registerOutParameter(String text, int number) throws SQLException;
    default void registerOutParameter(int number, SQLType sQLType) throws SQLException { }
    default void registerOutParameter(String text, SQLType sQLType) throws SQLException { }
    void registerOutParameter(int number, int number2, int number3) throws SQLException;
    void registerOutParameter(int number, int number2, String text) throws SQLException;
    void registerOutParameter(String text, int number, int number2) throws SQLException;
    void registerOutParameter(String text, int number, String text2) throws SQLException;
    default void registerOutParameter(int number, SQLType sQLType, int number2) throws SQLException { }
    default void registerOutParameter(int number, SQLType sQLType, String text) throws SQLException { }
    default void registerOutParameter(String text, SQLType sQLType, int number) throws SQLException { }
    default void registerOutParameter(String text, SQLType sQLType, String text2) throws SQLException { }
    void setAsciiStream(String text, InputStream inputStream) throws SQLException;
    void setAsciiStream(String text, InputStream inputStream, int number) throws SQLException;
    void setAsciiStream(String text, InputStream inputStream, long number) throws SQLException;
    void setBigDecimal(String text, BigDecimal bigDecimal) throws SQLException;
    void setBinaryStream(String text, InputStream inputStream) throws SQLException;
    void setBinaryStream(String text, InputStream inputStream, int number) throws SQLException;
    void setBinaryStream(String text, InputStream inputStream, long number) throws SQLException;
    void setBlob(String text, InputStream inputStream) throws SQLException;
    void setBlob(String text, Blob blob) throws SQLException;
    void setBlob(String text, InputStream inputStream, long number) throws SQLException;
    void setBoolean(String text, boolean flag) throws SQLException;
    void setByte(String text, byte number) throws SQLException;
    void setBytes(String text, byte[] items) throws SQLException;
    void setCharacterStream(String text, Reader reader) throws SQLException;
    void setCharacterStream(String text, Reader reader, int number) throws SQLException;
    void setCharacterStream(String text, Reader reader, long number) throws SQLException;
    void setClob(String text, Reader reader) throws SQLException;
    void setClob(String text, Clob clob) throws SQLException;
    void setClob(String text, Reader reader, long number) throws SQLException;
    void setDate(String text, Date date) throws SQLException;
    void setDate(String text, Date date, Calendar calendar) throws SQLException;
    void setDouble(String text, double number) throws SQLException;
    void setFloat(String text, float number) throws SQLException;
    void setInt(String text, int number) throws SQLException;
    void setLong(String text, long number) throws SQLException;
    void setNCharacterStream(String text, Reader reader) throws SQLException;
    void setNCharacterStream(String text, Reader reader, long number) throws SQLException;
    void setNClob(String text, Reader reader) throws SQLException;
    void setNClob(String text, NClob nClob) throws SQLException;
    void setNClob(String text, Reader reader, long number) throws SQLException;
    void setNString(String text, String text2) throws SQLException;
    void setNull(String text, int number) throws SQLException;
    void setNull(String text, int number, String text2) throws SQLException;
    void setObject(String text, Object object) throws SQLException;
    void setObject(String text, Object object, int number) throws SQLException;
    default void setObject(String text, Object object, SQLType sQLType) throws SQLException { }
    void setObject(String text, Object object, int number, int number2) throws SQLException;
    default void setObject(String text, Object object, SQLType sQLType, int number) throws SQLException { }
    void setRowId(String text, RowId rowId) throws SQLException;
    void setSQLXML(String text, SQLXML sQLXML) throws SQLException;
    void setShort(String text, short number) throws SQLException;
    void setString(String text, String text2) throws SQLException;
    void setTime(String text, Time time) throws SQLException;
    void setTime(String text, Time time, Calendar calendar) throws SQLException;
    void setTimestamp(String text, Timestamp timestamp) throws SQLException;
    void setTimestamp(String text, Timestamp timestamp, Calendar calendar) throws SQLException;
    void setURL(String text, URL uRL) throws SQLException;
    boolean wasNull() throws SQLException;
}

/** A large value of text. */
public interface Clob {
    void free() throws SQLException;
    InputStream getAsciiStream() throws SQLException;
    Reader getCharacterStream() throws SQLException;
    Reader getCharacterStream(long number, long number2) throws SQLException;
    String getSubString(long number, int number2) throws SQLException;
    long length() throws SQLException;
    long position(String text, long number) throws SQLException;
    long position(Clob clob, long number) throws SQLException;
    OutputStream setAsciiStream(long number) throws SQLException;
    Writer setCharacterStream(long number) throws SQLException;
    int setString(long number, String text) throws SQLException;
    int setString(long number, String text, int number2, int number3) throws SQLException;
    void truncate(long number) throws SQLException;
}

/** A connection to a database. */
public interface Connection extends Wrapper, AutoCloseable {
    static int TRANSACTION_NONE;
    static int TRANSACTION_READ_UNCOMMITTED;
    static int TRANSACTION_READ_COMMITTED;
    static int TRANSACTION_REPEATABLE_READ;
    static int TRANSACTION_SERIALIZABLE;
    void abort(Executor executor) throws SQLException;
    default void beginRequest() throws SQLException { }
    void clearWarnings() throws SQLException;
    void close() throws SQLException;
    void commit() throws SQLException;
    Array createArrayOf(String text, Object[] items) throws SQLException;
    Blob createBlob() throws SQLException;
    Clob createClob() throws SQLException;
    NClob createNClob() throws SQLException;
    SQLXML createSQLXML() throws SQLException;
    Statement createStatement() throws SQLException;
    Statement createStatement(int number, int number2) throws SQLException;
    Statement createStatement(int number, int number2, int number3) throws SQLException;
    Struct createStruct(String text, Object[] items) throws SQLException;
    default void endRequest() throws SQLException { }
    boolean getAutoCommit() throws SQLException;
    String getCatalog() throws SQLException;
    Properties getClientInfo() throws SQLException;
    String getClientInfo(String text) throws SQLException;
    int getHoldability() throws SQLException;
    DatabaseMetaData getMetaData() throws SQLException;
    int getNetworkTimeout() throws SQLException;
    String getSchema() throws SQLException;
    int getTransactionIsolation() throws SQLException;
    Map<String, Class<?>> getTypeMap() throws SQLException;
    SQLWarning getWarnings() throws SQLException;
    boolean isClosed() throws SQLException;
    boolean isReadOnly() throws SQLException;
    boolean isValid(int number) throws SQLException;
    String nativeSQL(String text) throws SQLException;
    CallableStatement prepareCall(String text) throws SQLException;
    CallableStatement prepareCall(String text, int number, int number2) throws SQLException;
    CallableStatement prepareCall(String text, int number, int number2, int number3) throws SQLException;
    PreparedStatement prepareStatement(String text) throws SQLException;
    PreparedStatement prepareStatement(String text, int number) throws SQLException;
    PreparedStatement prepareStatement(String text, int[] items) throws SQLException;
    PreparedStatement prepareStatement(String text, String[] items) throws SQLException;
    PreparedStatement prepareStatement(String text, int number, int number2) throws SQLException;
    PreparedStatement prepareStatement(String text, int number, int number2, int number3) throws SQLException;
    void releaseSavepoint(Savepoint savepoint) throws SQLException;
    void rollback() throws SQLException;
    void rollback(Savepoint savepoint) throws SQLException;
    void setAutoCommit(boolean flag) throws SQLException;
    void setCatalog(String text) throws SQLException;
    void setClientInfo(Properties properties) throws SQLClientInfoException;
    void setClientInfo(String text, String text2) throws SQLClientInfoException;
    void setHoldability(int number) throws SQLException;
    void setNetworkTimeout(Executor executor, int number) throws SQLException;
    void setReadOnly(boolean flag) throws SQLException;
    Savepoint setSavepoint() throws SQLException;
    Savepoint setSavepoint(String text) throws SQLException;
    void setSchema(String text) throws SQLException;
    default void setShardingKey(ShardingKey shardingKey) throws SQLException { }
    default void setShardingKey(ShardingKey shardingKey, ShardingKey shardingKey2) throws SQLException { }
    default boolean setShardingKeyIfValid(ShardingKey shardingKey, int number) throws SQLException { }
    default boolean setShardingKeyIfValid(ShardingKey shardingKey, ShardingKey shardingKey2, int number) throws SQLException { }
    void setTransactionIsolation(int number) throws SQLException;
    void setTypeMap(Map<String, Class<?>> map) throws SQLException;
}

/** What a database can do and holds. */
public interface DatabaseMetaData extends Wrapper {
    static int procedureResultUnknown;
    static int procedureNoResult;
    static int procedureReturnsResult;
    static int procedureColumnUnknown;
    static int procedureColumnIn;
    static int procedureColumnInOut;
    static int procedureColumnOut;
    static int procedureColumnReturn;
    static int procedureColumnResult;
    static int procedureNoNulls;
    static int procedureNullable;
    static int procedureNullableUnknown;
    static int columnNoNulls;
    static int columnNullable;
    static int columnNullableUnknown;
    static int bestRowTemporary;
    static int bestRowTransaction;
    static int bestRowSession;
    static int bestRowUnknown;
    static int bestRowNotPseudo;
    static int bestRowPseudo;
    static int versionColumnUnknown;
    static int versionColumnNotPseudo;
    static int versionColumnPseudo;
    static int importedKeyCascade;
    static int importedKeyRestrict;
    static int importedKeySetNull;
    static int importedKeyNoAction;
    static int importedKeySetDefault;
    static int importedKeyInitiallyDeferred;
    static int importedKeyInitiallyImmediate;
    static int importedKeyNotDeferrable;
    static int typeNoNulls;
    static int typeNullable;
    static int typeNullableUnknown;
    static int typePredNone;
    static int typePredChar;
    static int typePredBasic;
    static int typeSearchable;
    static short tableIndexStatistic;
    static short tableIndexClustered;
    static short tableIndexHashed;
    static short tableIndexOther;
    static short attributeNoNulls;
    static short attributeNullable;
    static short attributeNullableUnknown;
    static int sqlStateXOpen;
    static int sqlStateSQL;
    static int sqlStateSQL99;
    static int functionColumnUnknown;
    static int functionColumnIn;
    static int functionColumnInOut;
    static int functionColumnOut;
    static int functionReturn;
    static int functionColumnResult;
    static int functionNoNulls;
    static int functionNullable;
    static int functionNullableUnknown;
    static int functionResultUnknown;
    static int functionNoTable;
    static int functionReturnsTable;
    boolean allProceduresAreCallable() throws SQLException;
    boolean allTablesAreSelectable() throws SQLException;
    boolean autoCommitFailureClosesAllResultSets() throws SQLException;
    boolean dataDefinitionCausesTransactionCommit() throws SQLException;
    boolean dataDefinitionIgnoredInTransactions() throws SQLException;
    boolean deletesAreDetected(int number) throws SQLException;
    boolean doesMaxRowSizeIncludeBlobs() throws SQLException;
    boolean generatedKeyAlwaysReturned() throws SQLException;
    ResultSet getAttributes(String text, String text2, String text3, String text4) throws SQLException;
    ResultSet getBestRowIdentifier(String text, String text2, String text3, int number, boolean flag) throws SQLException;
    String getCatalogSeparator() throws SQLException;
    String getCatalogTerm() throws SQLException;
    ResultSet getCatalogs() throws SQLException;
    ResultSet getClientInfoProperties() throws SQLException;
    ResultSet getColumnPrivileges(String text, String text2, String text3, String text4) throws SQLException;
    ResultSet getColumns(String text, String text2, String text3, String text4) throws SQLException;
    Connection getConnection() throws SQLException;
    ResultSet getCrossReference(String text, String text2, String text3, String text4, String text5, String text6) throws SQLException;
    int getDatabaseMajorVersion() throws SQLException;
    int getDatabaseMinorVersion() throws SQLException;
    String getDatabaseProductName() throws SQLException;
    String getDatabaseProductVersion() throws SQLException;
    int getDefaultTransactionIsolation() throws SQLException;
    int getDriverMajorVersion();
    int getDriverMinorVersion();
    String getDriverName() throws SQLException;
    String getDriverVersion() throws SQLException;
    ResultSet getExportedKeys(String text, String text2, String text3) throws SQLException;
    String getExtraNameCharacters() throws SQLException;
    ResultSet getFunctionColumns(String text, String text2, String text3, String text4) throws SQLException;
    ResultSet getFunctions(String text, String text2, String text3) throws SQLException;
    String getIdentifierQuoteString() throws SQLException;
    ResultSet getImportedKeys(String text, String text2, String text3) throws SQLException;
    ResultSet getIndexInfo(String text, String text2, String text3, boolean flag, boolean flag2) throws SQLException;
    int getJDBCMajorVersion() throws SQLException;
    int getJDBCMinorVersion() throws SQLException;
    int getMaxBinaryLiteralLength() throws SQLException;
    int getMaxCatalogNameLength() throws SQLException;
    int getMaxCharLiteralLength() throws SQLException;
    int getMaxColumnNameLength() throws SQLException;
    int getMaxColumnsInGroupBy() throws SQLException;
    int getMaxColumnsInIndex() throws SQLException;
    int getMaxColumnsInOrderBy() throws SQLException;
    int getMaxColumnsInSelect() throws SQLException;
    int getMaxColumnsInTable() throws SQLException;
    int getMaxConnections() throws SQLException;
    int getMaxCursorNameLength() throws SQLException;
    int getMaxIndexLength() throws SQLException;
    default long getMaxLogicalLobSize() throws SQLException { }
    int getMaxProcedureNameLength() throws SQLException;
    int getMaxRowSize() throws SQLException;
    int getMaxSchemaNameLength() throws SQLException;
    int getMaxStatementLength() throws SQLException;
    int getMaxStatements() throws SQLException;
    int getMaxTableNameLength() throws SQLException;
    int getMaxTablesInSelect() throws SQLException;
    int getMaxUserNameLength() throws SQLException;
    String getNumericFunctions() throws SQLException;
    ResultSet getPrimaryKeys(String text, String text2, String text3) throws SQLException;
    ResultSet getProcedureColumns(String text, String text2, String text3, String text4) throws SQLException;
    String getProcedureTerm() throws SQLException;
    ResultSet getProcedures(String text, String text2, String text3) throws SQLException;
    ResultSet getPseudoColumns(String text, String text2, String text3, String text4) throws SQLException;
    int getResultSetHoldability() throws SQLException;
    RowIdLifetime getRowIdLifetime() throws SQLException;
    String getSQLKeywords() throws SQLException;
    int getSQLStateType() throws SQLException;
    String getSchemaTerm() throws SQLException;
    ResultSet getSchemas() throws SQLException;
    ResultSet getSchemas(String text, String text2) throws SQLException;
    String getSearchStringEscape() throws SQLException;
    String getStringFunctions() throws SQLException;
    ResultSet getSuperTables(String text, String text2, String text3) throws SQLException;
    ResultSet getSuperTypes(String text, String text2, String text3) throws SQLException;
    String getSystemFunctions() throws SQLException;
    ResultSet getTablePrivileges(String text, String text2, String text3) throws SQLException;
    ResultSet getTableTypes() throws SQLException;
    ResultSet getTables(String text, String text2, String text3, String[] items) throws SQLException;
    String getTimeDateFunctions() throws SQLException;
    ResultSet getTypeInfo() throws SQLException;
    ResultSet getUDTs(String text, String text2, String text3, int[] items) throws SQLException;
    String getURL() throws SQLException;
    String getUserName() throws SQLException;
    ResultSet getVersionColumns(String text, String text2, String text3) throws SQLException;
    boolean insertsAreDetected(int number) throws SQLException;
    boolean isCatalogAtStart() throws SQLException;
    boolean isReadOnly() throws SQLException;
    boolean locatorsUpdateCopy() throws SQLException;
    boolean nullPlusNonNullIsNull() throws SQLException;
    boolean nullsAreSortedAtEnd() throws SQLException;
    boolean nullsAreSortedAtStart() throws SQLException;
    boolean nullsAreSortedHigh() throws SQLException;
    boolean nullsAreSortedLow() throws SQLException;
    boolean othersDeletesAreVisible(int number) throws SQLException;
    boolean othersInsertsAreVisible(int number) throws SQLException;
    boolean othersUpdatesAreVisible(int number) throws SQLException;
    boolean ownDeletesAreVisible(int number) throws SQLException;
    boolean ownInsertsAreVisible(int number) throws SQLException;
    boolean ownUpdatesAreVisible(int number) throws SQLException;
    boolean storesLowerCaseIdentifiers() throws SQLException;
    boolean storesLowerCaseQuotedIdentifiers() throws SQLException;
    boolean storesMixedCaseIdentifiers() throws SQLException;
    boolean storesMixedCaseQuotedIdentifiers() throws SQLException;
    boolean storesUpperCaseIdentifiers() throws SQLException;
    boolean storesUpperCaseQuotedIdentifiers() throws SQLException;
    boolean supportsANSI92EntryLevelSQL() throws SQLException;
    boolean supportsANSI92FullSQL() throws SQLException;
    boolean supportsANSI92IntermediateSQL() throws SQLException;
    boolean supportsAlterTableWithAddColumn() throws SQLException;
    boolean supportsAlterTableWithDropColumn() throws SQLException;
    boolean supportsBatchUpdates() throws SQLException;
    boolean supportsCatalogsInDataManipulation() throws SQLException;
    boolean supportsCatalogsInIndexDefinitions() throws SQLException;
    boolean supportsCatalogsInPrivilegeDefinitions() throws SQLException;
    boolean supportsCatalogsInProcedureCalls() throws SQLException;
    boolean supportsCatalogsInTableDefinitions() throws SQLException;
    boolean supportsColumnAliasing() throws SQLException;
    boolean supportsConvert() throws SQLException;
    boolean supportsConvert(int number, int number2) throws SQLException;
    boolean supportsCoreSQLGrammar() throws SQLException;
    boolean supportsCorrelatedSubqueries() throws SQLException;
    boolean supportsDataDefinitionAndDataManipulationTransactions() throws SQLException;
    boolean supportsDataManipulationTransactionsOnly() throws SQLException;
    boolean supportsDifferentTableCorrelationNames() throws SQLException;
    boolean supportsExpressionsInOrderBy() throws SQLException;
    boolean supportsExtendedSQLGrammar() throws SQLException;
    boolean supportsFullOuterJoins() throws SQLException;
    boolean supportsGetGeneratedKeys() throws SQLException;
    boolean supportsGroupBy() throws SQLException;
    boolean supportsGroupByBeyondSelect() throws SQLException;
    boolean supportsGroupByUnrelated() throws SQLException;
    boolean supportsIntegrityEnhancementFacility() throws SQLException;
    boolean supportsLikeEscapeClause() throws SQLException;
    boolean supportsLimitedOuterJoins() throws SQLException;
    boolean supportsMinimumSQLGrammar() throws SQLException;
    boolean supportsMixedCaseIdentifiers() throws SQLException;
    boolean supportsMixedCaseQuotedIdentifiers() throws SQLException;
    boolean supportsMultipleOpenResults() throws SQLException;
    boolean supportsMultipleResultSets() throws SQLException;
    boolean supportsMultipleTransactions() throws SQLException;
    boolean supportsNamedParameters() throws SQLException;
    boolean supportsNonNullableColumns() throws SQLException;
    boolean supportsOpenCursorsAcrossCommit() throws SQLException;
    boolean supportsOpenCursorsAcrossRollback() throws SQLException;
    boolean supportsOpenStatementsAcrossCommit() throws SQLException;
    boolean supportsOpenStatementsAcrossRollback() throws SQLException;
    boolean supportsOrderByUnrelated() throws SQLException;
    boolean supportsOuterJoins() throws SQLException;
    boolean supportsPositionedDelete() throws SQLException;
    boolean supportsPositionedUpdate() throws SQLException;
    default boolean supportsRefCursors() throws SQLException { }
    boolean supportsResultSetConcurrency(int number, int number2) throws SQLException;
    boolean supportsResultSetHoldability(int number) throws SQLException;
    boolean supportsResultSetType(int number) throws SQLException;
    boolean supportsSavepoints() throws SQLException;
    boolean supportsSchemasInDataManipulation() throws SQLException;
    boolean supportsSchemasInIndexDefinitions() throws SQLException;
    boolean supportsSchemasInPrivilegeDefinitions() throws SQLException;
    boolean supportsSchemasInProcedureCalls() throws SQLException;
    boolean supportsSchemasInTableDefinitions() throws SQLException;
    boolean supportsSelectForUpdate() throws SQLException;
    default boolean supportsSharding() throws SQLException { }
    boolean supportsStatementPooling() throws SQLException;
    boolean supportsStoredFunctionsUsingCallSyntax() throws SQLException;
    boolean supportsStoredProcedures() throws SQLException;
    boolean supportsSubqueriesInComparisons() throws SQLException;
    boolean supportsSubqueriesInExists() throws SQLException;
    boolean supportsSubqueriesInIns() throws SQLException;
    boolean supportsSubqueriesInQuantifieds() throws SQLException;
    boolean supportsTableCorrelationNames() throws SQLException;
    boolean supportsTransactionIsolationLevel(int number) throws SQLException;
    boolean supportsTransactions() throws SQLException;
    boolean supportsUnion() throws SQLException;
    boolean supportsUnionAll() throws SQLException;
    boolean updatesAreDetected(int number) throws SQLException;
    boolean usesLocalFilePerTable() throws SQLException;
    boolean usesLocalFiles() throws SQLException;
}

/** A date. */
public class Date extends Date {
    public Date(long number) { }
    public Date(int number, int number2, int number3) { }
    public int getHours();
    public int getMinutes();
    public int getSeconds();
    public void setHours(int number);
    public void setMinutes(int number);
    public void setSeconds(int number);
    public void setTime(long number);
    public Instant toInstant();
    public LocalDate toLocalDate();
    public static Date valueOf(String text);
    public static Date valueOf(LocalDate localDate);
}

/** Connects to databases. */
public interface Driver {
    boolean acceptsURL(String text) throws SQLException;
    Connection connect(String text, Properties properties) throws SQLException;
    int getMajorVersion();
    int getMinorVersion();
    Logger getParentLogger() throws SQLFeatureNotSupportedException;
    DriverPropertyInfo[] getPropertyInfo(String text, Properties properties) throws SQLException;
    boolean jdbcCompliant();
}

/** Finds drivers. */
public class DriverManager {
    public static void deregisterDriver(Driver driver) throws SQLException;
    public static Stream<Driver> drivers();
    public static Connection getConnection(String text) throws SQLException;
    public static Connection getConnection(String text, Properties properties) throws SQLException;
    public static Connection getConnection(String text, String text2, String text3) throws SQLException;
    public static Driver getDriver(String text) throws SQLException;
    public static Enumeration<Driver> getDrivers();
    public static PrintStream getLogStream();
    public static PrintWriter getLogWriter();
    public static int getLoginTimeout();
    public static void println(String text);
    public static void registerDriver(Driver driver) throws SQLException;
    public static void registerDriver(Driver driver, DriverAction driverAction) throws SQLException;
    public static void setLogStream(PrintStream printStream);
    public static void setLogWriter(PrintWriter printWriter);
    public static void setLoginTimeout(int number);
}

/** Parameters of a statement. */
public interface ParameterMetaData extends Wrapper {
    static int parameterNoNulls;
    static int parameterNullable;
    static int parameterNullableUnknown;
    static int parameterModeUnknown;
    static int parameterModeIn;
    static int parameterModeInOut;
    static int parameterModeOut;
    String getParameterClassName(int number) throws SQLException;
    int getParameterCount() throws SQLException;
    int getParameterMode(int number) throws SQLException;
    int getParameterType(int number) throws SQLException;
    String getParameterTypeName(int number) throws SQLException;
    int getPrecision(int number) throws SQLException;
    int getScale(int number) throws SQLException;
    int isNullable(int number) throws SQLException;
    boolean isSigned(int number) throws SQLException;
}

/** A statement with parameters. */
public interface PreparedStatement extends Statement {
    void addBatch() throws SQLException;
    void clearParameters() throws SQLException;
    boolean execute() throws SQLException;
    default long executeLargeUpdate() throws SQLException { }
    ResultSet executeQuery() throws SQLException;
    int executeUpdate() throws SQLException;
    ResultSetMetaData getMetaData() throws SQLException;
    ParameterMetaData getParameterMetaData() throws SQLException;
    void setArray(int number, Array array) throws SQLException;
    void setAsciiStream(int number, InputStream inputStream) throws SQLException;
    void setAsciiStream(int number, InputStream inputStream, int number2) throws SQLException;
    void setAsciiStream(int number, InputStream inputStream, long number2) throws SQLException;
    void setBigDecimal(int number, BigDecimal bigDecimal) throws SQLException;
    void setBinaryStream(int number, InputStream inputStream) throws SQLException;
    void setBinaryStream(int number, InputStream inputStream, int number2) throws SQLException;
    void setBinaryStream(int number, InputStream inputStream, long number2) throws SQLException;
    void setBlob(int number, InputStream inputStream) throws SQLException;
    void setBlob(int number, Blob blob) throws SQLException;
    void setBlob(int number, InputStream inputStream, long number2) throws SQLException;
    void setBoolean(int number, boolean flag) throws SQLException;
    void setByte(int number, byte number2) throws SQLException;
    void setBytes(int number, byte[] items) throws SQLException;
    void setCharacterStream(int number, Reader reader) throws SQLException;
    void setCharacterStream(int number, Reader reader, int number2) throws SQLException;
    void setCharacterStream(int number, Reader reader, long number2) throws SQLException;
    void setClob(int number, Reader reader) throws SQLException;
    void setClob(int number, Clob clob) throws SQLException;
    void setClob(int number, Reader reader, long number2) throws SQLException;
    void setDate(int number, Date date) throws SQLException;
    void setDate(int number, Date date, Calendar calendar) throws SQLException;
    void setDouble(int number, double number2) throws SQLException;
    void setFloat(int number, float number2) throws SQLException;
    void setInt(int number, int number2) throws SQLException;
    void setLong(int number, long number2) throws SQLException;
    void setNCharacterStream(int number, Reader reader) throws SQLException;
    void setNCharacterStream(int number, Reader reader, long number2) throws SQLException;
    void setNClob(int number, Reader reader) throws SQLException;
    void setNClob(int number, NClob nClob) throws SQLException;
    void setNClob(int number, Reader reader, long number2) throws SQLException;
    void setNString(int number, String text) throws SQLException;
    void setNull(int number, int number2) throws SQLException;
    void setNull(int number, int number2, String text) throws SQLException;
    void setObject(int number, Object object) throws SQLException;
    void setObject(int number, Object object, int number2) throws SQLException;
    default void setObject(int number, Object object, SQLType sQLType) throws SQLException { }
    void setObject(int number, Object object, int number2, int number3) throws SQLException;
    default void setObject(int number, Object object, SQLType sQLType, int number2) throws SQLException { }
    void setRef(int number, Ref ref) throws SQLException;
    void setRowId(int number, RowId rowId) throws SQLException;
    void setSQLXML(int number, SQLXML sQLXML) throws SQLException;
    void setShort(int number, short number2) throws SQLException;
    void setString(int number, String text) throws SQLException;
    void setTime(int number, Time time) throws SQLException;
    void setTime(int number, Time time, Calendar calendar) throws SQLException;
    void setTimestamp(int number, Timestamp timestamp) throws SQLException;
    void setTimestamp(int number, Timestamp timestamp, Calendar calendar) throws SQLException;
    void setURL(int number, URL uRL) throws SQLException;
    void setUnicodeStream(int number, InputStream inputStream, int number2) throws SQLException;
}

/** Rows of an answer. */
public interface ResultSet extends Wrapper, AutoCloseable {
    static int FETCH_FORWARD;
    static int FETCH_REVERSE;
    static int FETCH_UNKNOWN;
    static int TYPE_FORWARD_ONLY;
    static int TYPE_SCROLL_INSENSITIVE;
    static int TYPE_SCROLL_SENSITIVE;
    static int CONCUR_READ_ONLY;
    static int CONCUR_UPDATABLE;
    static int HOLD_CURSORS_OVER_COMMIT;
    static int CLOSE_CURSORS_AT_COMMIT;
    boolean absolute(int number) throws SQLException;
    void afterLast() throws SQLException;
    void beforeFirst() throws SQLException;
    void cancelRowUpdates() throws SQLException;
    void clearWarnings() throws SQLException;
    void close() throws SQLException;
    void deleteRow() throws SQLException;
    int findColumn(String text) throws SQLException;
    boolean first() throws SQLException;
    Array getArray(int number) throws SQLException;
    Array getArray(String text) throws SQLException;
    InputStream getAsciiStream(int number) throws SQLException;
    InputStream getAsciiStream(String text) throws SQLException;
    BigDecimal getBigDecimal(int number) throws SQLException;
    BigDecimal getBigDecimal(String text) throws SQLException;
    BigDecimal getBigDecimal(int number, int number2) throws SQLException;
    BigDecimal getBigDecimal(String text, int number) throws SQLException;
    InputStream getBinaryStream(int number) throws SQLException;
    InputStream getBinaryStream(String text) throws SQLException;
    Blob getBlob(int number) throws SQLException;
    Blob getBlob(String text) throws SQLException;
    boolean getBoolean(int number) throws SQLException;
    boolean getBoolean(String text) throws SQLException;
    byte getByte(int number) throws SQLException;
    byte getByte(String text) throws SQLException;
    byte[] getBytes(int number) throws SQLException;
    byte[] getBytes(String text) throws SQLException;
    Reader getCharacterStream(int number) throws SQLException;
    Reader getCharacterStream(String text) throws SQLException;
    Clob getClob(int number) throws SQLException;
    Clob getClob(String text) throws SQLException;
    int getConcurrency() throws SQLException;
    String getCursorName() throws SQLException;
    Date getDate(int number) throws SQLException;
    Date getDate(String text) throws SQLException;
    Date getDate(int number, Calendar calendar) throws SQLException;
    Date getDate(String text, Calendar calendar) throws SQLException;
    double getDouble(int number) throws SQLException;
    double getDouble(String text) throws SQLException;
    int getFetchDirection() throws SQLException;
    int getFetchSize() throws SQLException;
    float getFloat(int number) throws SQLException;
    float getFloat(String text) throws SQLException;
    int getHoldability() throws SQLException;
    int getInt(int number) throws SQLException;
    int getInt(String text) throws SQLException;
    long getLong(int number) throws SQLException;
    long getLong(String text) throws SQLException;
    ResultSetMetaData getMetaData() throws SQLException;
    Reader getNCharacterStream(int number) throws SQLException;
    Reader getNCharacterStream(String text) throws SQLException;
    NClob getNClob(int number) throws SQLException;
    NClob getNClob(String text) throws SQLException;
    String getNString(int number) throws SQLException;
    String getNString(String text) throws SQLException;
    Object getObject(int number) throws SQLException;
    Object getObject(String text) throws SQLException;
    <T> T getObject(int number, Class<T> type) throws SQLException;
    <T> T getObject(String text, Class<T> type) throws SQLException;
    Object getObject(int number, Map<String, Class<?>> map) throws SQLException;
    Object getObject(String text, Map<String, Class<?>> map) throws SQLException;
    Ref getRef(int number) throws SQLException;
    Ref getRef(String text) throws SQLException;
    int getRow() throws SQLException;
    RowId getRowId(int number) throws SQLException;
    RowId getRowId(String text) throws SQLException;
    SQLXML getSQLXML(int number) throws SQLException;
    SQLXML getSQLXML(String text) throws SQLException;
    short getShort(int number) throws SQLException;
    short getShort(String text) throws SQLException;
    Statement getStatement() throws SQLException;
    String getString(int number) throws SQLException;
    String getString(String text) throws SQLException;
    Time getTime(int number) throws SQLException;
    Time getTime(String text) throws SQLException;
    Time getTime(int number, Calendar calendar) throws SQLException;
    Time getTime(String text, Calendar calendar) throws SQLException;
    Timestamp getTimestamp(int number) throws SQLException;
    Timestamp getTimestamp(String text) throws SQLException;
    Timestamp getTimestamp(int number, Calendar calendar) throws SQLException;
    Timestamp getTimestamp(String text, Calendar calendar) throws SQLException;
    int getType() throws SQLException;
    URL getURL(int number) throws SQLException;
    URL getURL(String text) throws SQLException;
    InputStream getUnicodeStream(int number) throws SQLException;
    InputStream getUnicodeStream(String text) throws SQLException;
    SQLWarning getWarnings() throws SQLException;
    void insertRow() throws SQLException;
    boolean isAfterLast() throws SQLException;
    boolean isBeforeFirst() throws SQLException;
    boolean isClosed() throws SQLException;
    boolean isFirst() throws SQLException;
    boolean isLast() throws SQLException;
    boolean last() throws SQLException;
    void moveToCurrentRow() throws SQLException;
    void moveToInsertRow() throws SQLException;
    boolean next() throws SQLException;
    boolean previous() throws SQLException;
    void refreshRow() throws SQLException;
    boolean relative(int number) throws SQLException;
    boolean rowDeleted() throws SQLException;
    boolean rowInserted() throws SQLException;
    boolean rowUpdated() throws SQLException;
    void setFetchDirection(int number) throws SQLException;
    void setFetchSize(int number) throws SQLException;
    void updateArray(int number, Array array) throws SQLException;
    void updateArray(String text, Array array) throws SQLException;
    void updateAsciiStream(int number, InputStream inputStream) throws SQLException;
    void updateAsciiStream(String text, InputStream inputStream) throws SQLException;
    void updateAsciiStream(int number, InputStream inputStream, int number2) throws SQLException;
    void updateAsciiStream(int number, InputStream inputStream, long number2) throws SQLException;
    void updateAsciiStream(String text, InputStream inputStream, int number) throws SQLException;
    void updateAsciiStream(String text, InputStream inputStream, long number) throws SQLException;
    void updateBigDecimal(int number, BigDecimal bigDecimal) throws SQLException;
    void updateBigDecimal(String text, BigDecimal bigDecimal) throws SQLException;
    void updateBinaryStream(int number, InputStream inputStream) throws SQLException;
    void updateBinaryStream(String text, InputStream inputStream) throws SQLException;
    void updateBinaryStream(int number, InputStream inputStream, int number2) throws SQLException;
    void updateBinaryStream(int number, InputStream inputStream, long number2) throws SQLException;
    void updateBinaryStream(String text, InputStream inputStream, int number) throws SQLException;
    void updateBinaryStream(String text, InputStream inputStream, long number) throws SQLException;
    void updateBlob(int number, InputStream inputStream) throws SQLException;
    void updateBlob(int number, Blob blob) throws SQLException;
    void updateBlob(String text, InputStream inputStream) throws SQLException;
    void updateBlob(String text, Blob blob) throws SQLException;
    void updateBlob(int number, InputStream inputStream, long number2) throws SQLException;
    void updateBlob(String text, InputStream inputStream, long number) throws SQLException;
    void updateBoolean(int number, boolean flag) throws SQLException;
    void updateBoolean(String text, boolean flag) throws SQLException;
    void updateByte(int number, byte number2) throws SQLException;
    void updateByte(String text, byte number) throws SQLException;
    void updateBytes(int number, byte[] items) throws SQLException;
    void updateBytes(String text, byte[] items) throws SQLException;
    void updateCharacterStream(int number, Reader reader) throws SQLException;
    void updateCharacterStream(String text, Reader reader) throws SQLException;
    void updateCharacterStream(int number, Reader reader, int number2) throws SQLException;
    void updateCharacterStream(int number, Reader reader, long number2) throws SQLException;
    void updateCharacterStream(String text, Reader reader, int number) throws SQLException;
    void updateCharacterStream(String text, Reader reader, long number) throws SQLException;
    void updateClob(int number, Reader reader) throws SQLException;
    void updateClob(int number, Clob clob) throws SQLException;
    void updateClob(String text, Reader reader) throws SQLException;
    void updateClob(String text, Clob clob) throws SQLException;
    void updateClob(int number, Reader reader, long number2) throws SQLException;
    void updateClob(String text, Reader reader, long number) throws SQLException;
    void updateDate(int number, Date date) throws SQLException;
    void updateDate(String text, Date date) throws SQLException;
    void updateDouble(int number, double number2) throws SQLException;
    void updateDouble(String text, double number) throws SQLException;
    void updateFloat(int number, float number2) throws SQLException;
    void updateFloat(String text, float number) throws SQLException;
    void updateInt(int number, int number2) throws SQLException;
    void updateInt(String text, int number) throws SQLException;
    void updateLong(int number, long number2) throws SQLException;
    void updateLong(String text, long number) throws SQLException;
    void updateNCharacterStream(int number, Reader reader) throws SQLException;
    void updateNCharacterStream(String text, Reader reader) throws SQLException;
    void updateNCharacterStream(int number, Reader reader, long number2) throws SQLException;
    void updateNCharacterStream(String text, Reader reader, long number) throws SQLException;
    void updateNClob(int number, Reader reader) throws SQLException;
    void updateNClob(int number, NClob nClob) throws SQLException;
    void updateNClob(String text, Reader reader) throws SQLException;
    void updateNClob(String text, NClob nClob) throws SQLException;
    void updateNClob(int number, Reader reader, long number2) throws SQLException;
    void updateNClob(String text, Reader reader, long number) throws SQLException;
    void updateNString(int number, String text) throws SQLException;
    void updateNString(String text, String text2) throws SQLException;
    void updateNull(int number) throws SQLException;
    void updateNull(String text) throws SQLException;
    void updateObject(int number, Object object) throws SQLException;
    void updateObject(String text, Object object) throws SQLException;
    void updateObject(int number, Object object, int number2) throws SQLException;
    void updateObject(String text, Object object, int number) throws SQLException;
    default void updateObject(int number, Object object, SQLType sQLType) throws SQLException { }
    default void updateObject(String text, Object object, SQLType sQLType) throws SQLException { }
    default void updateObject(int number, Object object, SQLType sQLType, int number2) throws SQLException { }
    default void updateObject(String text, Object object, SQLType sQLType, int number) throws SQLException { }
    void updateRef(int number, Ref ref) throws SQLException;
    void updateRef(String text, Ref ref) throws SQLException;
    void updateRow() throws SQLException;
    void updateRowId(int number, RowId rowId) throws SQLException;
    void updateRowId(String text, RowId rowId) throws SQLException;
    void updateSQLXML(int number, SQLXML sQLXML) throws SQLException;
    void updateSQLXML(String text, SQLXML sQLXML) throws SQLException;
    void updateShort(int number, short number2) throws SQLException;
    void updateShort(String text, short number) throws SQLException;
    void updateString(int number, String text) throws SQLException;
    void updateString(String text, String text2) throws SQLException;
    void updateTime(int number, Time time) throws SQLException;
    void updateTime(String text, Time time) throws SQLException;
    void updateTimestamp(int number, Timestamp timestamp) throws SQLException;
    void updateTimestamp(String text, Timestamp timestamp) throws SQLException;
    boolean wasNull() throws SQLException;
}

/** Columns of an answer. */
public interface ResultSetMetaData extends Wrapper {
    static int columnNoNulls;
    static int columnNullable;
    static int columnNullableUnknown;
    String getCatalogName(int number) throws SQLException;
    String getColumnClassName(int number) throws SQLException;
    int getColumnCount() throws SQLException;
    int getColumnDisplaySize(int number) throws SQLException;
    String getColumnLabel(int number) throws SQLException;
    String getColumnName(int number) throws SQLException;
    int getColumnType(int number) throws SQLException;
    String getColumnTypeName(int number) throws SQLException;
    int getPrecision(int number) throws SQLException;
    int getScale(int number) throws SQLException;
    String getSchemaName(int number) throws SQLException;
    String getTableName(int number) throws SQLException;
    boolean isAutoIncrement(int number) throws SQLException;
    boolean isCaseSensitive(int number) throws SQLException;
    boolean isCurrency(int number) throws SQLException;
    boolean isDefinitelyWritable(int number) throws SQLException;
    int isNullable(int number) throws SQLException;
    boolean isReadOnly(int number) throws SQLException;
    boolean isSearchable(int number) throws SQLException;
    boolean isSigned(int number) throws SQLException;
    boolean isWritable(int number) throws SQLException;
}

/** The database refused. */
public class SQLException extends Exception implements Iterable<Throwable> {
    public SQLException() { }
    public SQLException(String text) { }
    public SQLException(Throwable throwable) { }
    public SQLException(String text, String text2) { }
    public SQLException(String text, Throwable throwable) { }
    public SQLException(String text, String text2, int number) { }
    public SQLException(String text, String text2, Throwable throwable) { }
    public SQLException(String text, String text2, int number, Throwable throwable) { }
    public int getErrorCode();
    public SQLException getNextException();
    public String getSQLState();
    public Iterator<Throwable> iterator();
    public void setNextException(SQLException sQLException);
}

/** The database took too long. */
public class SQLTimeoutException extends SQLTransientException {
    public SQLTimeoutException() { }
    public SQLTimeoutException(String text) { }
    public SQLTimeoutException(Throwable throwable) { }
    public SQLTimeoutException(String text, String text2) { }
    public SQLTimeoutException(String text, Throwable throwable) { }
    public SQLTimeoutException(String text, String text2, int number) { }
    public SQLTimeoutException(String text, String text2, Throwable throwable) { }
    public SQLTimeoutException(String text, String text2, int number, Throwable throwable) { }
}

/** The database warns. */
public class SQLWarning extends SQLException {
    public SQLWarning() { }
    public SQLWarning(String text) { }
    public SQLWarning(Throwable throwable) { }
    public SQLWarning(String text, String text2) { }
    public SQLWarning(String text, Throwable throwable) { }
    public SQLWarning(String text, String text2, int number) { }
    public SQLWarning(String text, String text2, Throwable throwable) { }
    public SQLWarning(String text, String text2, int number, Throwable throwable) { }
    public SQLWarning getNextWarning();
    public void setNextWarning(SQLWarning sQLWarning);
}

/** A place to go back to. */
public interface Savepoint {
    int getSavepointId() throws SQLException;
    String getSavepointName() throws SQLException;
}

/** A statement of SQL. */
public interface Statement extends Wrapper, AutoCloseable {
    static int CLOSE_CURRENT_RESULT;
    static int KEEP_CURRENT_RESULT;
    static int CLOSE_ALL_RESULTS;
    static int SUCCESS_NO_INFO;
    static int EXECUTE_FAILED;
    static int RETURN_GENERATED_KEYS;
    static int NO_GENERATED_KEYS;
    void addBatch(String text) throws SQLException;
    void cancel() throws SQLException;
    void clearBatch() throws SQLException;
    void clearWarnings() throws SQLException;
    void close() throws SQLException;
    void closeOnCompletion() throws SQLException;
    default String enquoteIdentifier(String text, boolean flag) throws SQLException { }
    default String enquoteLiteral(String text) throws SQLException { }
    default String enquoteNCharLiteral(String text) throws SQLException { }
    boolean execute(String text) throws SQLException;
    boolean execute(String text, int number) throws SQLException;
    boolean execute(String text, int[] items) throws SQLException;
    boolean execute(String text, String[] items) throws SQLException;
    int[] executeBatch() throws SQLException;
    default long[] executeLargeBatch() throws SQLException { }
    default long executeLargeUpdate(String text) throws SQLException { }
    default long executeLargeUpdate(String text, int number) throws SQLException { }
    default long executeLargeUpdate(String text, int[] items) throws SQLException { }
    default long executeLargeUpdate(String text, String[] items) throws SQLException { }
    ResultSet executeQuery(String text) throws SQLException;
    int executeUpdate(String text) throws SQLException;
    int executeUpdate(String text, int number) throws SQLException;
    int executeUpdate(String text, int[] items) throws SQLException;
    int executeUpdate(String text, String[] items) throws SQLException;
    Connection getConnection() throws SQLException;
    int getFetchDirection() throws SQLException;
    int getFetchSize() throws SQLException;
    ResultSet getGeneratedKeys() throws SQLException;
    default long getLargeMaxRows() throws SQLException { }
    default long getLargeUpdateCount() throws SQLException { }
    int getMaxFieldSize() throws SQLException;
    int getMaxRows() throws SQLException;
    boolean getMoreResults() throws SQLException;
    boolean getMoreResults(int number) throws SQLException;
    int getQueryTimeout() throws SQLException;
    ResultSet getResultSet() throws SQLException;
    int getResultSetConcurrency() throws SQLException;
    int getResultSetHoldability() throws SQLException;
    int getResultSetType() throws SQLException;
    int getUpdateCount() throws SQLException;
    SQLWarning getWarnings() throws SQLException;
    boolean isCloseOnCompletion() throws SQLException;
    boolean isClosed() throws SQLException;
    boolean isPoolable() throws SQLException;
    default boolean isSimpleIdentifier(String text) throws SQLException { }
    void setCursorName(String text) throws SQLException;
    void setEscapeProcessing(boolean flag) throws SQLException;
    void setFetchDirection(int number) throws SQLException;
    void setFetchSize(int number) throws SQLException;
    default void setLargeMaxRows(long number) throws SQLException { }
    void setMaxFieldSize(int number) throws SQLException;
    void setMaxRows(int number) throws SQLException;
    void setPoolable(boolean flag) throws SQLException;
    void setQueryTimeout(int number) throws SQLException;
}

/** A time of day. */
public class Time extends Date {
    public Time(long number) { }
    public Time(int number, int number2, int number3) { }
    public int getDate();
    public int getDay();
    public int getMonth();
    public int getYear();
    public void setDate(int number);
    public void setMonth(int number);
    public void setTime(long number);
    public void setYear(int number);
    public Instant toInstant();
    public LocalTime toLocalTime();
    public static Time valueOf(String text);
    public static Time valueOf(LocalTime localTime);
}

/** A moment. */
public class Timestamp extends Date {
    public Timestamp(long number) { }
    public Timestamp(int number, int number2, int number3, int number4, int number5, int number6, int number7) { }
    public boolean after(Timestamp timestamp);
    public boolean before(Timestamp timestamp);
    public int compareTo(Timestamp timestamp);
    public int compareTo(Date date);
    public boolean equals(Timestamp timestamp);
    public static Timestamp from(Instant instant);
    public int getNanos();
    public long getTime();
    public void setNanos(int number);
    public void setTime(long number);
    public Instant toInstant();
    public LocalDateTime toLocalDateTime();
    public static Timestamp valueOf(String text);
    public static Timestamp valueOf(LocalDateTime localDateTime);
}

/** Numbers of types of SQL. */
public class Types {
    public static final int BIT;
    public static final int TINYINT;
    public static final int SMALLINT;
    public static final int INTEGER;
    public static final int BIGINT;
    public static final int FLOAT;
    public static final int REAL;
    public static final int DOUBLE;
    public static final int NUMERIC;
    public static final int DECIMAL;
    public static final int CHAR;
    public static final int VARCHAR;
    public static final int LONGVARCHAR;
    public static final int DATE;
    public static final int TIME;
    public static final int TIMESTAMP;
    public static final int BINARY;
    public static final int VARBINARY;
    public static final int LONGVARBINARY;
    public static final int NULL;
    public static final int OTHER;
    public static final int JAVA_OBJECT;
    public static final int DISTINCT;
    public static final int STRUCT;
    public static final int ARRAY;
    public static final int BLOB;
    public static final int CLOB;
    public static final int REF;
    public static final int DATALINK;
    public static final int BOOLEAN;
    public static final int ROWID;
    public static final int NCHAR;
    public static final int NVARCHAR;
    public static final int LONGNVARCHAR;
    public static final int NCLOB;
    public static final int SQLXML;
    public static final int REF_CURSOR;
    public static final int TIME_WITH_TIMEZONE;
    public static final int TIMESTAMP_WITH_TIMEZONE;
}

/** What stands around something of a driver. */
public interface Wrapper {
    boolean isWrapperFor(Class<?> type) throws SQLException;
    <T> T unwrap(Class<T> type) throws SQLException;
}
