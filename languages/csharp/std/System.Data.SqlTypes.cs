using System;
using System.Globalization;
using System.Xml;
using System.Xml.Schema;
using System.Xml.Serialization;

namespace System.Data.SqlTypes
{
    /// <summary>May be missing.</summary>
    public interface INullable
    {
        bool IsNull { get; }
    }

    /// <summary>A moment of a database.</summary>
    public struct SqlDateTime : IComparable, INullable, IXmlSerializable
    {
        public static SqlDateTime MaxValue;
        public static SqlDateTime MinValue;
        public static SqlDateTime Null;
        public static int SQLTicksPerHour;
        public static int SQLTicksPerMinute;
        public static int SQLTicksPerSecond;
        public SqlDateTime(DateTime value) { }
        public SqlDateTime(int dayTicks, int timeTicks) { }
        public SqlDateTime(int year, int month, int day) { }
        public SqlDateTime(int year, int month, int day, int hour, int minute, int second) { }
        public SqlDateTime(int year, int month, int day, int hour, int minute, int second, double millisecond) { }
        public SqlDateTime(int year, int month, int day, int hour, int minute, int second, int bilisecond) { }
        public int DayTicks { get; }
        public bool IsNull { get; }
        public int TimeTicks { get; }
        public DateTime Value { get; }
        public static SqlDateTime Add(SqlDateTime x, TimeSpan t);
        public int CompareTo(SqlDateTime value);
        public int CompareTo(object value);
        public static SqlBoolean Equals(SqlDateTime x, SqlDateTime y);
        public static XmlQualifiedName GetXsdType(XmlSchemaSet schemaSet);
        public static SqlBoolean GreaterThan(SqlDateTime x, SqlDateTime y);
        public static SqlBoolean GreaterThanOrEqual(SqlDateTime x, SqlDateTime y);
        public static SqlBoolean LessThan(SqlDateTime x, SqlDateTime y);
        public static SqlBoolean LessThanOrEqual(SqlDateTime x, SqlDateTime y);
        public static SqlBoolean NotEquals(SqlDateTime x, SqlDateTime y);
        public static SqlDateTime Parse(string s);
        public static SqlDateTime Subtract(SqlDateTime x, TimeSpan t);
        public SqlString ToSqlString();
    }

    /// <summary>A number of a database.</summary>
    public struct SqlInt32 : IComparable, INullable, IXmlSerializable
    {
        public static SqlInt32 MaxValue;
        public static SqlInt32 MinValue;
        public static SqlInt32 Null;
        public static SqlInt32 Zero;
        public SqlInt32(int value) { }
        public bool IsNull { get; }
        public int Value { get; }
        public static SqlInt32 Add(SqlInt32 x, SqlInt32 y);
        public static SqlInt32 BitwiseAnd(SqlInt32 x, SqlInt32 y);
        public static SqlInt32 BitwiseOr(SqlInt32 x, SqlInt32 y);
        public int CompareTo(SqlInt32 value);
        public int CompareTo(object value);
        public static SqlInt32 Divide(SqlInt32 x, SqlInt32 y);
        public static SqlBoolean Equals(SqlInt32 x, SqlInt32 y);
        public static XmlQualifiedName GetXsdType(XmlSchemaSet schemaSet);
        public static SqlBoolean GreaterThan(SqlInt32 x, SqlInt32 y);
        public static SqlBoolean GreaterThanOrEqual(SqlInt32 x, SqlInt32 y);
        public static SqlBoolean LessThan(SqlInt32 x, SqlInt32 y);
        public static SqlBoolean LessThanOrEqual(SqlInt32 x, SqlInt32 y);
        public static SqlInt32 Mod(SqlInt32 x, SqlInt32 y);
        public static SqlInt32 Modulus(SqlInt32 x, SqlInt32 y);
        public static SqlInt32 Multiply(SqlInt32 x, SqlInt32 y);
        public static SqlBoolean NotEquals(SqlInt32 x, SqlInt32 y);
        public static SqlInt32 OnesComplement(SqlInt32 x);
        public static SqlInt32 Parse(string s);
        public static SqlInt32 Subtract(SqlInt32 x, SqlInt32 y);
        public SqlBoolean ToSqlBoolean();
        public SqlByte ToSqlByte();
        public SqlDecimal ToSqlDecimal();
        public SqlDouble ToSqlDouble();
        public SqlInt16 ToSqlInt16();
        public SqlInt64 ToSqlInt64();
        public SqlMoney ToSqlMoney();
        public SqlSingle ToSqlSingle();
        public SqlString ToSqlString();
        public static SqlInt32 Xor(SqlInt32 x, SqlInt32 y);
    }

    /// <summary>A text of a database.</summary>
    public struct SqlString : IComparable, INullable, IXmlSerializable
    {
        public static int BinarySort;
        public static int BinarySort2;
        public static int IgnoreCase;
        public static int IgnoreKanaType;
        public static int IgnoreNonSpace;
        public static int IgnoreWidth;
        public static SqlString Null;
        public SqlString(string data) { }
        public SqlString(string data, int lcid) { }
        public SqlString(int lcid, SqlCompareOptions compareOptions, byte[] data) { }
        public SqlString(string data, int lcid, SqlCompareOptions compareOptions) { }
        public SqlString(int lcid, SqlCompareOptions compareOptions, byte[] data, bool fUnicode) { }
        public SqlString(int lcid, SqlCompareOptions compareOptions, byte[] data, int index, int count) { }
        public SqlString(int lcid, SqlCompareOptions compareOptions, byte[] data, int index, int count, bool fUnicode) { }
        public CompareInfo CompareInfo { get; }
        public CultureInfo CultureInfo { get; }
        public bool IsNull { get; }
        public int LCID { get; }
        public SqlCompareOptions SqlCompareOptions { get; }
        public string Value { get; }
        public static SqlString Add(SqlString x, SqlString y);
        public SqlString Clone();
        public static System.Globalization.CompareOptions CompareOptionsFromSqlCompareOptions(SqlCompareOptions compareOptions);
        public int CompareTo(SqlString value);
        public int CompareTo(object value);
        public static SqlString Concat(SqlString x, SqlString y);
        public static SqlBoolean Equals(SqlString x, SqlString y);
        public byte[] GetNonUnicodeBytes();
        public byte[] GetUnicodeBytes();
        public static XmlQualifiedName GetXsdType(XmlSchemaSet schemaSet);
        public static SqlBoolean GreaterThan(SqlString x, SqlString y);
        public static SqlBoolean GreaterThanOrEqual(SqlString x, SqlString y);
        public static SqlBoolean LessThan(SqlString x, SqlString y);
        public static SqlBoolean LessThanOrEqual(SqlString x, SqlString y);
        public static SqlBoolean NotEquals(SqlString x, SqlString y);
        public SqlBoolean ToSqlBoolean();
        public SqlByte ToSqlByte();
        public SqlDateTime ToSqlDateTime();
        public SqlDecimal ToSqlDecimal();
        public SqlDouble ToSqlDouble();
        public SqlGuid ToSqlGuid();
        public SqlInt16 ToSqlInt16();
        public SqlInt32 ToSqlInt32();
        public SqlInt64 ToSqlInt64();
        public SqlMoney ToSqlMoney();
        public SqlSingle ToSqlSingle();
    }
}
