using System;
using System.Collections;
using System.ComponentModel;
using System.Globalization;
using System.IO;
using System.Runtime.Serialization;
using System.Xml;
using System.Xml.Schema;
using System.Xml.Serialization;

namespace System.Data
{
    /// <summary>Kinds of statements.</summary>
    public enum CommandType
    {
        Text,
        StoredProcedure,
        TableDirect,
    }

    /// <summary>How a connection is.</summary>
    public enum ConnectionState
    {
        Closed,
        Open,
        Connecting,
        Executing,
        Fetching,
        Broken,
    }

    /// <summary>A column.</summary>
    public class DataColumn : System.ComponentModel.MarshalByValueComponent
    {
        public DataColumn() { }
        public DataColumn(string columnName) { }
        public DataColumn(string columnName, Type dataType) { }
        public DataColumn(string columnName, Type dataType, string expr) { }
        public DataColumn(string columnName, Type dataType, string expr, MappingType type) { }
        public bool AllowDBNull { get; set; }
        public bool AutoIncrement { get; set; }
        public long AutoIncrementSeed { get; set; }
        public long AutoIncrementStep { get; set; }
        public string Caption { get; set; }
        public virtual MappingType ColumnMapping { get; set; }
        public string ColumnName { get; set; }
        public Type DataType { get; set; }
        public DataSetDateTime DateTimeMode { get; set; }
        public object DefaultValue { get; set; }
        public string Expression { get; set; }
        public PropertyCollection ExtendedProperties { get; }
        public int MaxLength { get; set; }
        public string Namespace { get; set; }
        public int Ordinal { get; }
        public string Prefix { get; set; }
        public bool ReadOnly { get; set; }
        public DataTable Table { get; }
        public bool Unique { get; set; }
        protected void CheckUnique();
        protected virtual void OnPropertyChanging(PropertyChangedEventArgs pcevent);
        public void SetOrdinal(int ordinal);
    }

    /// <summary>Columns.</summary>
    public sealed class DataColumnCollection : InternalDataCollectionBase
    {
        public DataColumn this[int index] { get; }
        public DataColumn this[string name] { get; }
        protected override ArrayList List { get; }
        public event System.ComponentModel.CollectionChangeEventHandler CollectionChanged;
        public DataColumn Add();
        public DataColumn Add(string columnName);
        public void Add(DataColumn column);
        public DataColumn Add(string columnName, Type type);
        public DataColumn Add(string columnName, Type type, string expression);
        public void AddRange(DataColumn[] columns);
        public bool CanRemove(DataColumn column);
        public void Clear();
        public bool Contains(string name);
        public void CopyTo(DataColumn[] array, int index);
        public int IndexOf(DataColumn column);
        public int IndexOf(string columnName);
        public void Remove(DataColumn column);
        public void Remove(string name);
        public void RemoveAt(int index);
    }

    /// <summary>The database refused.</summary>
    public class DataException : SystemException
    {
        public DataException() { }
        public DataException(string s) { }
        protected DataException(SerializationInfo info, StreamingContext context) { }
        public DataException(string s, Exception innerException) { }
    }

    /// <summary>A relation of tables.</summary>
    public class DataRelation
    {
        public DataRelation(string relationName, DataColumn parentColumn, DataColumn childColumn) { }
        public DataRelation(string relationName, DataColumn[] parentColumns, DataColumn[] childColumns) { }
        public DataRelation(string relationName, DataColumn parentColumn, DataColumn childColumn, bool createConstraints) { }
        public DataRelation(string relationName, DataColumn[] parentColumns, DataColumn[] childColumns, bool createConstraints) { }
        public DataRelation(string relationName, string parentTableName, string childTableName, string[] parentColumnNames, string[] childColumnNames, bool nested) { }
        public DataRelation(string relationName, string parentTableName, string parentTableNamespace, string childTableName, string childTableNamespace, string[] parentColumnNames, string[] childColumnNames, bool nested) { }
        public virtual DataColumn[] ChildColumns { get; }
        public virtual ForeignKeyConstraint ChildKeyConstraint { get; }
        public virtual DataTable ChildTable { get; }
        public virtual DataSet DataSet { get; }
        public PropertyCollection ExtendedProperties { get; }
        public virtual bool Nested { get; set; }
        public virtual DataColumn[] ParentColumns { get; }
        public virtual UniqueConstraint ParentKeyConstraint { get; }
        public virtual DataTable ParentTable { get; }
        public virtual string RelationName { get; set; }
        protected void CheckStateForProperty();
    }

    /// <summary>A row.</summary>
    public class DataRow
    {
        public bool HasErrors { get; }
        public object this[int columnIndex] { get; set; }
        public object this[string columnName] { get; set; }
        public object this[DataColumn column] { get; set; }
        public object this[int columnIndex, DataRowVersion version] { get; }
        public object this[string columnName, DataRowVersion version] { get; }
        public object this[DataColumn column, DataRowVersion version] { get; }
        public object[] ItemArray { get; set; }
        public string RowError { get; set; }
        public DataRowState RowState { get; }
        public DataTable Table { get; }
        public void AcceptChanges();
        public void BeginEdit();
        public void CancelEdit();
        public void ClearErrors();
        public void Delete();
        public void EndEdit();
        public DataRow[] GetChildRows(DataRelation relation);
        public DataRow[] GetChildRows(string relationName);
        public DataRow[] GetChildRows(DataRelation relation, DataRowVersion version);
        public DataRow[] GetChildRows(string relationName, DataRowVersion version);
        public string GetColumnError(int columnIndex);
        public string GetColumnError(DataColumn column);
        public string GetColumnError(string columnName);
        public DataColumn[] GetColumnsInError();
        public DataRow GetParentRow(DataRelation relation);
        public DataRow GetParentRow(string relationName);
        public DataRow GetParentRow(DataRelation relation, DataRowVersion version);
        public DataRow GetParentRow(string relationName, DataRowVersion version);
        public DataRow[] GetParentRows(DataRelation relation);
        public DataRow[] GetParentRows(string relationName);
        public DataRow[] GetParentRows(DataRelation relation, DataRowVersion version);
        public DataRow[] GetParentRows(string relationName, DataRowVersion version);
        public bool HasVersion(DataRowVersion version);
        public bool IsNull(int columnIndex);
        public bool IsNull(DataColumn column);
        public bool IsNull(string columnName);
        public bool IsNull(DataColumn column, DataRowVersion version);
        public void RejectChanges();
        public void SetAdded();
        public void SetColumnError(int columnIndex, string error);
        public void SetColumnError(DataColumn column, string error);
        public void SetColumnError(string columnName, string error);
        public void SetModified();
        protected void SetNull(DataColumn column);
        public void SetParentRow(DataRow parentRow);
        public void SetParentRow(DataRow parentRow, DataRelation relation);
    }

    /// <summary>Rows.</summary>
    public sealed class DataRowCollection : InternalDataCollectionBase
    {
        public override int Count { get; }
        public DataRow this[int index] { get; }
        public DataRow Add(params object[] values);
        public void Add(DataRow row);
        public void Clear();
        public bool Contains(object key);
        public bool Contains(object[] keys);
        public override void CopyTo(Array ar, int index);
        public void CopyTo(DataRow[] array, int index);
        public DataRow Find(object key);
        public DataRow Find(object[] keys);
        public override IEnumerator GetEnumerator();
        public int IndexOf(DataRow row);
        public void InsertAt(DataRow row, int pos);
        public void Remove(DataRow row);
        public void RemoveAt(int index);
    }

    /// <summary>What happened to a row.</summary>
    public enum DataRowState
    {
        Detached,
        Unchanged,
        Added,
        Deleted,
        Modified,
    }

    /// <summary>Tables.</summary>
    public class DataSet : System.ComponentModel.MarshalByValueComponent, System.ComponentModel.IListSource, System.ComponentModel.ISupportInitializeNotification, IXmlSerializable, ISerializable
    {
        public DataSet() { }
        public DataSet(string dataSetName) { }
        protected DataSet(SerializationInfo info, StreamingContext context) { }
        protected DataSet(SerializationInfo info, StreamingContext context, bool ConstructSchema) { }
        public bool CaseSensitive { get; set; }
        public string DataSetName { get; set; }
        public DataViewManager DefaultViewManager { get; }
        public bool EnforceConstraints { get; set; }
        public PropertyCollection ExtendedProperties { get; }
        public bool HasErrors { get; }
        public bool IsInitialized { get; }
        public CultureInfo Locale { get; set; }
        public string Namespace { get; set; }
        public string Prefix { get; set; }
        public DataRelationCollection Relations { get; }
        public SerializationFormat RemotingFormat { get; set; }
        public virtual SchemaSerializationMode SchemaSerializationMode { get; set; }
        public override ISite Site { get; set; }
        public DataTableCollection Tables { get; }
        public event EventHandler Initialized;
        public event MergeFailedEventHandler MergeFailed;
        public void AcceptChanges();
        public void BeginInit();
        public void Clear();
        public virtual DataSet Clone();
        public DataSet Copy();
        public DataTableReader CreateDataReader();
        public DataTableReader CreateDataReader(params DataTable[] dataTables);
        protected SchemaSerializationMode DetermineSchemaSerializationMode(XmlReader reader);
        protected SchemaSerializationMode DetermineSchemaSerializationMode(SerializationInfo info, StreamingContext context);
        public void EndInit();
        public DataSet GetChanges();
        public DataSet GetChanges(DataRowState rowStates);
        public static System.Xml.Schema.XmlSchemaComplexType GetDataSetSchema(XmlSchemaSet schemaSet);
        public virtual void GetObjectData(SerializationInfo info, StreamingContext context);
        protected virtual XmlSchema GetSchemaSerializable();
        protected void GetSerializationData(SerializationInfo info, StreamingContext context);
        public string GetXml();
        public string GetXmlSchema();
        public bool HasChanges();
        public bool HasChanges(DataRowState rowStates);
        public void InferXmlSchema(Stream stream, string[] nsArray);
        public void InferXmlSchema(TextReader reader, string[] nsArray);
        public void InferXmlSchema(string fileName, string[] nsArray);
        public void InferXmlSchema(XmlReader reader, string[] nsArray);
        protected virtual void InitializeDerivedDataSet();
        protected bool IsBinarySerialized(SerializationInfo info, StreamingContext context);
        public void Load(IDataReader reader, LoadOption loadOption, params DataTable[] tables);
        public void Load(IDataReader reader, LoadOption loadOption, params string[] tables);
        public virtual void Load(IDataReader reader, LoadOption loadOption, FillErrorEventHandler errorHandler, params DataTable[] tables);
        public void Merge(DataRow[] rows);
        public void Merge(DataSet dataSet);
        public void Merge(DataTable table);
        public void Merge(DataSet dataSet, bool preserveChanges);
        public void Merge(DataRow[] rows, bool preserveChanges, MissingSchemaAction missingSchemaAction);
        public void Merge(DataSet dataSet, bool preserveChanges, MissingSchemaAction missingSchemaAction);
        public void Merge(DataTable table, bool preserveChanges, MissingSchemaAction missingSchemaAction);
        protected virtual void OnPropertyChanging(PropertyChangedEventArgs pcevent);
        protected virtual void OnRemoveRelation(DataRelation relation);
        public XmlReadMode ReadXml(Stream stream);
        public XmlReadMode ReadXml(TextReader reader);
        public XmlReadMode ReadXml(string fileName);
        public XmlReadMode ReadXml(XmlReader reader);
        public XmlReadMode ReadXml(Stream stream, XmlReadMode mode);
        public XmlReadMode ReadXml(TextReader reader, XmlReadMode mode);
        public XmlReadMode ReadXml(string fileName, XmlReadMode mode);
        public XmlReadMode ReadXml(XmlReader reader, XmlReadMode mode);
        public void ReadXmlSchema(Stream stream);
        public void ReadXmlSchema(TextReader reader);
        public void ReadXmlSchema(string fileName);
        public void ReadXmlSchema(XmlReader reader);
        protected virtual void ReadXmlSerializable(XmlReader reader);
        public virtual void RejectChanges();
        public virtual void Reset();
        protected virtual bool ShouldSerializeRelations();
        protected virtual bool ShouldSerializeTables();
        public void WriteXml(Stream stream);
        public void WriteXml(TextWriter writer);
        public void WriteXml(string fileName);
        public void WriteXml(XmlWriter writer);
        public void WriteXml(Stream stream, XmlWriteMode mode);
        public void WriteXml(TextWriter writer, XmlWriteMode mode);
        public void WriteXml(string fileName, XmlWriteMode mode);
        public void WriteXml(XmlWriter writer, XmlWriteMode mode);
        public void WriteXmlSchema(Stream stream);
        public void WriteXmlSchema(TextWriter writer);
        public void WriteXmlSchema(string fileName);
        public void WriteXmlSchema(XmlWriter writer);
        public void WriteXmlSchema(Stream stream, Converter<Type, string> multipleTargetConverter);
        public void WriteXmlSchema(TextWriter writer, Converter<Type, string> multipleTargetConverter);
        public void WriteXmlSchema(string fileName, Converter<Type, string> multipleTargetConverter);
        public void WriteXmlSchema(XmlWriter writer, Converter<Type, string> multipleTargetConverter);
    }

    /// <summary>A table.</summary>
    public class DataTable : System.ComponentModel.MarshalByValueComponent, System.ComponentModel.IListSource, System.ComponentModel.ISupportInitializeNotification, IXmlSerializable, ISerializable
    {
        public DataTable() { }
        public DataTable(string tableName) { }
        protected DataTable(SerializationInfo info, StreamingContext context) { }
        public DataTable(string tableName, string tableNamespace) { }
        public bool CaseSensitive { get; set; }
        public DataRelationCollection ChildRelations { get; }
        public DataColumnCollection Columns { get; }
        public ConstraintCollection Constraints { get; }
        public DataSet DataSet { get; }
        public DataView DefaultView { get; }
        public string DisplayExpression { get; set; }
        public PropertyCollection ExtendedProperties { get; }
        public bool HasErrors { get; }
        public bool IsInitialized { get; }
        public CultureInfo Locale { get; set; }
        public int MinimumCapacity { get; set; }
        public string Namespace { get; set; }
        public DataRelationCollection ParentRelations { get; }
        public string Prefix { get; set; }
        public DataColumn[] PrimaryKey { get; set; }
        public SerializationFormat RemotingFormat { get; set; }
        public DataRowCollection Rows { get; }
        public override ISite Site { get; set; }
        public string TableName { get; set; }
        public event DataColumnChangeEventHandler ColumnChanged;
        public event DataColumnChangeEventHandler ColumnChanging;
        public event EventHandler Initialized;
        public event DataRowChangeEventHandler RowChanged;
        public event DataRowChangeEventHandler RowChanging;
        public event DataRowChangeEventHandler RowDeleted;
        public event DataRowChangeEventHandler RowDeleting;
        public event DataTableClearEventHandler TableCleared;
        public event DataTableClearEventHandler TableClearing;
        public event DataTableNewRowEventHandler TableNewRow;
        public void AcceptChanges();
        public virtual void BeginInit();
        public void BeginLoadData();
        public void Clear();
        public virtual DataTable Clone();
        public object Compute(string expression, string filter);
        public DataTable Copy();
        public DataTableReader CreateDataReader();
        protected virtual DataTable CreateInstance();
        public virtual void EndInit();
        public void EndLoadData();
        public DataTable GetChanges();
        public DataTable GetChanges(DataRowState rowStates);
        public static System.Xml.Schema.XmlSchemaComplexType GetDataTableSchema(XmlSchemaSet schemaSet);
        public DataRow[] GetErrors();
        public virtual void GetObjectData(SerializationInfo info, StreamingContext context);
        protected virtual Type GetRowType();
        protected virtual XmlSchema GetSchema();
        public void ImportRow(DataRow row);
        public void Load(IDataReader reader);
        public void Load(IDataReader reader, LoadOption loadOption);
        public virtual void Load(IDataReader reader, LoadOption loadOption, FillErrorEventHandler errorHandler);
        public DataRow LoadDataRow(object[] values, bool fAcceptChanges);
        public DataRow LoadDataRow(object[] values, LoadOption loadOption);
        public void Merge(DataTable table);
        public void Merge(DataTable table, bool preserveChanges);
        public void Merge(DataTable table, bool preserveChanges, MissingSchemaAction missingSchemaAction);
        public DataRow NewRow();
        protected virtual DataRow NewRowFromBuilder(DataRowBuilder builder);
        protected virtual void OnPropertyChanging(PropertyChangedEventArgs pcevent);
        protected virtual void OnRemoveColumn(DataColumn column);
        protected virtual void OnRowChanged(DataRowChangeEventArgs e);
        protected virtual void OnRowChanging(DataRowChangeEventArgs e);
        protected virtual void OnRowDeleted(DataRowChangeEventArgs e);
        protected virtual void OnRowDeleting(DataRowChangeEventArgs e);
        protected virtual void OnTableCleared(DataTableClearEventArgs e);
        protected virtual void OnTableClearing(DataTableClearEventArgs e);
        protected virtual void OnTableNewRow(DataTableNewRowEventArgs e);
        public XmlReadMode ReadXml(Stream stream);
        public XmlReadMode ReadXml(TextReader reader);
        public XmlReadMode ReadXml(string fileName);
        public XmlReadMode ReadXml(XmlReader reader);
        public void ReadXmlSchema(Stream stream);
        public void ReadXmlSchema(TextReader reader);
        public void ReadXmlSchema(string fileName);
        public void ReadXmlSchema(XmlReader reader);
        protected virtual void ReadXmlSerializable(XmlReader reader);
        public void RejectChanges();
        public virtual void Reset();
        public DataRow[] Select();
        public DataRow[] Select(string filterExpression);
        public DataRow[] Select(string filterExpression, string sort);
        public DataRow[] Select(string filterExpression, string sort, DataViewRowState recordStates);
        public void WriteXml(Stream stream);
        public void WriteXml(TextWriter writer);
        public void WriteXml(string fileName);
        public void WriteXml(XmlWriter writer);
        public void WriteXml(Stream stream, bool writeHierarchy);
        public void WriteXml(Stream stream, XmlWriteMode mode);
        public void WriteXml(TextWriter writer, bool writeHierarchy);
        public void WriteXml(TextWriter writer, XmlWriteMode mode);
        public void WriteXml(string fileName, bool writeHierarchy);
        public void WriteXml(string fileName, XmlWriteMode mode);
        public void WriteXml(XmlWriter writer, bool writeHierarchy);
        public void WriteXml(XmlWriter writer, XmlWriteMode mode);
        public void WriteXml(Stream stream, XmlWriteMode mode, bool writeHierarchy);
        public void WriteXml(TextWriter writer, XmlWriteMode mode, bool writeHierarchy);
        public void WriteXml(string fileName, XmlWriteMode mode, bool writeHierarchy);
        public void WriteXml(XmlWriter writer, XmlWriteMode mode, bool writeHierarchy);
        public void WriteXmlSchema(Stream stream);
        public void WriteXmlSchema(TextWriter writer);
        public void WriteXmlSchema(string fileName);
        public void WriteXmlSchema(XmlWriter writer);
        public void WriteXmlSchema(Stream stream, bool writeHierarchy);
        public void WriteXmlSchema(TextWriter writer, bool writeHierarchy);
        public void WriteXmlSchema(string fileName, bool writeHierarchy);
        public void WriteXmlSchema(XmlWriter writer, bool writeHierarchy);
    }

    /// <summary>Tables.</summary>
    public sealed class DataTableCollection : InternalDataCollectionBase
    {
        public DataTable this[int index] { get; }
        public DataTable this[string name] { get; }
        public DataTable this[string name, string tableNamespace] { get; }
        protected override ArrayList List { get; }
        public event System.ComponentModel.CollectionChangeEventHandler CollectionChanged;
        public event System.ComponentModel.CollectionChangeEventHandler CollectionChanging;
        public DataTable Add();
        public DataTable Add(string name);
        public void Add(DataTable table);
        public DataTable Add(string name, string tableNamespace);
        public void AddRange(DataTable[] tables);
        public bool CanRemove(DataTable table);
        public void Clear();
        public bool Contains(string name);
        public bool Contains(string name, string tableNamespace);
        public void CopyTo(DataTable[] array, int index);
        public int IndexOf(DataTable table);
        public int IndexOf(string tableName);
        public int IndexOf(string tableName, string tableNamespace);
        public void Remove(DataTable table);
        public void Remove(string name);
        public void Remove(string name, string tableNamespace);
        public void RemoveAt(int index);
    }

    /// <summary>Rows in an order.</summary>
    public class DataView : System.ComponentModel.MarshalByValueComponent, System.ComponentModel.ISupportInitializeNotification, System.ComponentModel.IBindingListView, ITypedList
    {
        public DataView() { }
        public DataView(DataTable table) { }
        public DataView(DataTable table, string RowFilter, string Sort, DataViewRowState RowState) { }
        public bool AllowDelete { get; set; }
        public bool AllowEdit { get; set; }
        public bool AllowNew { get; set; }
        public bool ApplyDefaultSort { get; set; }
        public int Count { get; }
        public DataViewManager DataViewManager { get; }
        public bool IsInitialized { get; }
        protected bool IsOpen { get; }
        public DataRowView this[int recordIndex] { get; }
        public virtual string RowFilter { get; set; }
        public DataViewRowState RowStateFilter { get; set; }
        public string Sort { get; set; }
        public DataTable Table { get; set; }
        public event EventHandler Initialized;
        public event System.ComponentModel.ListChangedEventHandler ListChanged;
        public virtual DataRowView AddNew();
        public void BeginInit();
        protected void Close();
        protected virtual void ColumnCollectionChanged(object sender, System.ComponentModel.CollectionChangeEventArgs e);
        public void CopyTo(Array array, int index);
        public void Delete(int index);
        protected override void Dispose(bool disposing);
        public void EndInit();
        public virtual bool Equals(DataView view);
        public int Find(object key);
        public int Find(object[] key);
        public DataRowView[] FindRows(object key);
        public DataRowView[] FindRows(object[] key);
        public IEnumerator GetEnumerator();
        protected virtual void IndexListChanged(object sender, ListChangedEventArgs e);
        protected virtual void OnListChanged(ListChangedEventArgs e);
        protected void Open();
        protected void Reset();
        public DataTable ToTable();
        public DataTable ToTable(string tableName);
        public DataTable ToTable(bool distinct, params string[] columnNames);
        public DataTable ToTable(string tableName, bool distinct, params string[] columnNames);
        protected void UpdateIndex();
        protected virtual void UpdateIndex(bool force);
    }

    /// <summary>Types of databases.</summary>
    public enum DbType
    {
        AnsiString,
        Binary,
        Byte,
        Boolean,
        Currency,
        Date,
        DateTime,
        Decimal,
        Double,
        Guid,
        Int16,
        Int32,
        Int64,
        Object,
        SByte,
        Single,
        String,
        Time,
        UInt16,
        UInt32,
        UInt64,
        VarNumeric,
        AnsiStringFixedLength,
        StringFixedLength,
        Xml,
        DateTime2,
        DateTimeOffset,
    }

    /// <summary>A parameter.</summary>
    public interface IDataParameter
    {
        DbType DbType { get; set; }
        ParameterDirection Direction { get; set; }
        bool IsNullable { get; }
        string ParameterName { get; set; }
        string SourceColumn { get; set; }
        DataRowVersion SourceVersion { get; set; }
        object Value { get; set; }
    }

    /// <summary>Parameters.</summary>
    public interface IDataParameterCollection : IList
    {
        object this[string parameterName] { get; set; }
        bool Contains(string parameterName);
        int IndexOf(string parameterName);
        void RemoveAt(string parameterName);
    }

    /// <summary>Rows of an answer.</summary>
    public interface IDataReader : IDisposable, IDataRecord
    {
        int Depth { get; }
        bool IsClosed { get; }
        int RecordsAffected { get; }
        void Close();
        DataTable GetSchemaTable();
        bool NextResult();
        bool Read();
    }

    /// <summary>A row of an answer.</summary>
    public interface IDataRecord
    {
        int FieldCount { get; }
        object this[int i] { get; }
        object this[string name] { get; }
        bool GetBoolean(int i);
        byte GetByte(int i);
        long GetBytes(int i, long fieldOffset, byte[] buffer, int bufferoffset, int length);
        char GetChar(int i);
        long GetChars(int i, long fieldoffset, char[] buffer, int bufferoffset, int length);
        IDataReader GetData(int i);
        string GetDataTypeName(int i);
        DateTime GetDateTime(int i);
        decimal GetDecimal(int i);
        double GetDouble(int i);
        Type GetFieldType(int i);
        float GetFloat(int i);
        Guid GetGuid(int i);
        short GetInt16(int i);
        int GetInt32(int i);
        long GetInt64(int i);
        string GetName(int i);
        int GetOrdinal(string name);
        string GetString(int i);
        object GetValue(int i);
        int GetValues(object[] values);
        bool IsDBNull(int i);
    }

    /// <summary>A statement.</summary>
    public interface IDbCommand : IDisposable
    {
        string CommandText { get; set; }
        int CommandTimeout { get; set; }
        CommandType CommandType { get; set; }
        IDbConnection Connection { get; set; }
        IDataParameterCollection Parameters { get; }
        IDbTransaction Transaction { get; set; }
        UpdateRowSource UpdatedRowSource { get; set; }
        void Cancel();
        IDbDataParameter CreateParameter();
        int ExecuteNonQuery();
        IDataReader ExecuteReader();
        IDataReader ExecuteReader(CommandBehavior behavior);
        object ExecuteScalar();
        void Prepare();
    }

    /// <summary>A connection to a database.</summary>
    public interface IDbConnection : IDisposable
    {
        string ConnectionString { get; set; }
        int ConnectionTimeout { get; }
        string Database { get; }
        ConnectionState State { get; }
        IDbTransaction BeginTransaction();
        IDbTransaction BeginTransaction(IsolationLevel il);
        void ChangeDatabase(string databaseName);
        void Close();
        IDbCommand CreateCommand();
        void Open();
    }

    /// <summary>A parameter.</summary>
    public interface IDbDataParameter : IDataParameter
    {
        byte Precision { get; set; }
        byte Scale { get; set; }
        int Size { get; set; }
    }

    /// <summary>A transaction.</summary>
    public interface IDbTransaction : IDisposable
    {
        IDbConnection Connection { get; }
        IsolationLevel IsolationLevel { get; }
        void Commit();
        void Rollback();
    }

    /// <summary>How apart transactions are.</summary>
    public enum IsolationLevel
    {
        Chaos,
        ReadUncommitted,
        ReadCommitted,
        RepeatableRead,
        Serializable,
        Snapshot,
        Unspecified,
    }

    /// <summary>Which way a parameter goes.</summary>
    public enum ParameterDirection
    {
        Input,
        Output,
        InputOutput,
        ReturnValue,
    }
}
