using System;
using System.Collections;
using System.ComponentModel;
using System.Data;
using System.IO;
using System.Runtime.InteropServices;
using System.Runtime.Serialization;
using System.Threading;
using System.Threading.Tasks;

namespace System.Data.Common
{
    /// <summary>A statement.</summary>
    public abstract class DbCommand : Component, IDbCommand, System.IAsyncDisposable
    {
        protected DbCommand() { }
        public abstract string CommandText { get; set; }
        public abstract int CommandTimeout { get; set; }
        public abstract CommandType CommandType { get; set; }
        public DbConnection Connection { get; set; }
        protected abstract DbConnection DbConnection { get; set; }
        protected abstract DbParameterCollection DbParameterCollection { get; }
        protected abstract DbTransaction DbTransaction { get; set; }
        public abstract bool DesignTimeVisible { get; set; }
        public DbParameterCollection Parameters { get; }
        public DbTransaction Transaction { get; set; }
        public abstract System.Data.UpdateRowSource UpdatedRowSource { get; set; }
        public abstract void Cancel();
        protected abstract DbParameter CreateDbParameter();
        public DbParameter CreateParameter();
        public virtual System.Threading.Tasks.ValueTask DisposeAsync();
        protected abstract DbDataReader ExecuteDbDataReader(System.Data.CommandBehavior behavior);
        protected virtual Task<DbDataReader> ExecuteDbDataReaderAsync(System.Data.CommandBehavior behavior, CancellationToken cancellationToken);
        public abstract int ExecuteNonQuery();
        public Task<int> ExecuteNonQueryAsync();
        public virtual Task<int> ExecuteNonQueryAsync(CancellationToken cancellationToken);
        public DbDataReader ExecuteReader();
        public DbDataReader ExecuteReader(System.Data.CommandBehavior behavior);
        public Task<DbDataReader> ExecuteReaderAsync();
        public Task<DbDataReader> ExecuteReaderAsync(System.Data.CommandBehavior behavior);
        public Task<DbDataReader> ExecuteReaderAsync(CancellationToken cancellationToken);
        public Task<DbDataReader> ExecuteReaderAsync(System.Data.CommandBehavior behavior, CancellationToken cancellationToken);
        public abstract object ExecuteScalar();
        public Task<object> ExecuteScalarAsync();
        public virtual Task<object> ExecuteScalarAsync(CancellationToken cancellationToken);
        public abstract void Prepare();
        public virtual Task PrepareAsync(CancellationToken cancellationToken = default(CancellationToken));
    }

    /// <summary>A connection to a database.</summary>
    public abstract class DbConnection : Component, IDbConnection, System.IAsyncDisposable
    {
        protected DbConnection() { }
        public abstract string ConnectionString { get; set; }
        public virtual int ConnectionTimeout { get; }
        public abstract string DataSource { get; }
        public abstract string Database { get; }
        protected virtual DbProviderFactory DbProviderFactory { get; }
        public abstract string ServerVersion { get; }
        public abstract ConnectionState State { get; }
        public virtual event System.Data.StateChangeEventHandler StateChange;
        protected abstract DbTransaction BeginDbTransaction(IsolationLevel isolationLevel);
        protected virtual System.Threading.Tasks.ValueTask<DbTransaction> BeginDbTransactionAsync(IsolationLevel isolationLevel, CancellationToken cancellationToken);
        public DbTransaction BeginTransaction();
        public DbTransaction BeginTransaction(IsolationLevel isolationLevel);
        public System.Threading.Tasks.ValueTask<DbTransaction> BeginTransactionAsync(CancellationToken cancellationToken = default(CancellationToken));
        public System.Threading.Tasks.ValueTask<DbTransaction> BeginTransactionAsync(IsolationLevel isolationLevel, CancellationToken cancellationToken = default(CancellationToken));
        public abstract void ChangeDatabase(string databaseName);
        public virtual Task ChangeDatabaseAsync(string databaseName, CancellationToken cancellationToken = default(CancellationToken));
        public abstract void Close();
        public virtual Task CloseAsync();
        public DbCommand CreateCommand();
        protected abstract DbCommand CreateDbCommand();
        public virtual System.Threading.Tasks.ValueTask DisposeAsync();
        public virtual void EnlistTransaction(System.Transactions.Transaction transaction);
        public virtual DataTable GetSchema();
        public virtual DataTable GetSchema(string collectionName);
        public virtual DataTable GetSchema(string collectionName, string[] restrictionValues);
        protected virtual void OnStateChange(System.Data.StateChangeEventArgs stateChange);
        public abstract void Open();
        public Task OpenAsync();
        public virtual Task OpenAsync(CancellationToken cancellationToken);
    }

    /// <summary>Rows of an answer.</summary>
    public abstract class DbDataReader : System.MarshalByRefObject, IEnumerable, System.IAsyncDisposable, IDataReader
    {
        protected DbDataReader() { }
        public abstract int Depth { get; }
        public abstract int FieldCount { get; }
        public abstract bool HasRows { get; }
        public abstract bool IsClosed { get; }
        public abstract object this[int ordinal] { get; }
        public abstract object this[string name] { get; }
        public abstract int RecordsAffected { get; }
        public virtual int VisibleFieldCount { get; }
        public virtual void Close();
        public virtual Task CloseAsync();
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public virtual System.Threading.Tasks.ValueTask DisposeAsync();
        public abstract bool GetBoolean(int ordinal);
        public abstract byte GetByte(int ordinal);
        public abstract long GetBytes(int ordinal, long dataOffset, byte[] buffer, int bufferOffset, int length);
        public abstract char GetChar(int ordinal);
        public abstract long GetChars(int ordinal, long dataOffset, char[] buffer, int bufferOffset, int length);
        public DbDataReader GetData(int ordinal);
        public abstract string GetDataTypeName(int ordinal);
        public abstract DateTime GetDateTime(int ordinal);
        protected virtual DbDataReader GetDbDataReader(int ordinal);
        public abstract decimal GetDecimal(int ordinal);
        public abstract double GetDouble(int ordinal);
        public abstract IEnumerator GetEnumerator();
        public abstract Type GetFieldType(int ordinal);
        public virtual T GetFieldValue<T>(int ordinal);
        public Task<T> GetFieldValueAsync<T>(int ordinal);
        public virtual Task<T> GetFieldValueAsync<T>(int ordinal, CancellationToken cancellationToken);
        public abstract float GetFloat(int ordinal);
        public abstract Guid GetGuid(int ordinal);
        public abstract short GetInt16(int ordinal);
        public abstract int GetInt32(int ordinal);
        public abstract long GetInt64(int ordinal);
        public abstract string GetName(int ordinal);
        public abstract int GetOrdinal(string name);
        public virtual Type GetProviderSpecificFieldType(int ordinal);
        public virtual object GetProviderSpecificValue(int ordinal);
        public virtual int GetProviderSpecificValues(object[] values);
        public virtual DataTable GetSchemaTable();
        public virtual Stream GetStream(int ordinal);
        public abstract string GetString(int ordinal);
        public virtual TextReader GetTextReader(int ordinal);
        public abstract object GetValue(int ordinal);
        public abstract int GetValues(object[] values);
        public abstract bool IsDBNull(int ordinal);
        public Task<bool> IsDBNullAsync(int ordinal);
        public virtual Task<bool> IsDBNullAsync(int ordinal, CancellationToken cancellationToken);
        public abstract bool NextResult();
        public Task<bool> NextResultAsync();
        public virtual Task<bool> NextResultAsync(CancellationToken cancellationToken);
        public abstract bool Read();
        public Task<bool> ReadAsync();
        public virtual Task<bool> ReadAsync(CancellationToken cancellationToken);
    }

    /// <summary>The database refused.</summary>
    public abstract class DbException : ExternalException
    {
        protected DbException() { }
        protected DbException(string message) { }
        protected DbException(SerializationInfo info, StreamingContext context) { }
        protected DbException(string message, int errorCode) { }
        protected DbException(string message, Exception innerException) { }
    }

    /// <summary>A parameter.</summary>
    public abstract class DbParameter : System.MarshalByRefObject, IDbDataParameter
    {
        protected DbParameter() { }
        public abstract DbType DbType { get; set; }
        public abstract ParameterDirection Direction { get; set; }
        public abstract bool IsNullable { get; set; }
        public abstract string ParameterName { get; set; }
        public virtual byte Precision { get; set; }
        public virtual byte Scale { get; set; }
        public abstract int Size { get; set; }
        public abstract string SourceColumn { get; set; }
        public abstract bool SourceColumnNullMapping { get; set; }
        public virtual System.Data.DataRowVersion SourceVersion { get; set; }
        public abstract object Value { get; set; }
        public abstract void ResetDbType();
    }

    /// <summary>Makes connections.</summary>
    public abstract class DbProviderFactory
    {
        protected DbProviderFactory() { }
        public virtual bool CanCreateCommandBuilder { get; }
        public virtual bool CanCreateDataAdapter { get; }
        public virtual bool CanCreateDataSourceEnumerator { get; }
        public virtual DbCommand CreateCommand();
        public virtual DbCommandBuilder CreateCommandBuilder();
        public virtual DbConnection CreateConnection();
        public virtual DbConnectionStringBuilder CreateConnectionStringBuilder();
        public virtual DbDataAdapter CreateDataAdapter();
        public virtual DbDataSourceEnumerator CreateDataSourceEnumerator();
        public virtual DbParameter CreateParameter();
        public virtual System.Security.CodeAccessPermission CreatePermission(System.Security.Permissions.PermissionState state);
    }

    /// <summary>A transaction.</summary>
    public abstract class DbTransaction : System.MarshalByRefObject, IDbTransaction, System.IAsyncDisposable
    {
        protected DbTransaction() { }
        public DbConnection Connection { get; }
        protected abstract DbConnection DbConnection { get; }
        public abstract IsolationLevel IsolationLevel { get; }
        public abstract void Commit();
        public virtual Task CommitAsync(CancellationToken cancellationToken = default(CancellationToken));
        public void Dispose();
        protected virtual void Dispose(bool disposing);
        public virtual System.Threading.Tasks.ValueTask DisposeAsync();
        public abstract void Rollback();
        public virtual Task RollbackAsync(CancellationToken cancellationToken = default(CancellationToken));
    }
}
