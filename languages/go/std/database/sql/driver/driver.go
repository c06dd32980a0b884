// Package driver: what a driver of a database implements.
package driver

import (
	"context"
	"reflect"
)

type Value any

type NamedValue struct {
	Name string

	Ordinal int

	Value Value
}

type Driver interface {
	Open(name string) (Conn, error)
}

type DriverContext interface {
	OpenConnector(name string) (Connector, error)
}

type Connector interface {
	Connect(context.Context) (Conn, error)

	Driver() Driver
}

var ErrSkip error

var ErrBadConn error

type Pinger interface {
	Ping(ctx context.Context) error
}

type Execer interface {
	Exec(query string, args []Value) (Result, error)
}

type ExecerContext interface {
	ExecContext(ctx context.Context, query string, args []NamedValue) (Result, error)
}

type Queryer interface {
	Query(query string, args []Value) (Rows, error)
}

type QueryerContext interface {
	QueryContext(ctx context.Context, query string, args []NamedValue) (Rows, error)
}

type Conn interface {
	Prepare(query string) (Stmt, error)

	Close() error

	Begin() (Tx, error)
}

type ConnPrepareContext interface {
	PrepareContext(ctx context.Context, query string) (Stmt, error)
}

type IsolationLevel int

type TxOptions struct {
	Isolation IsolationLevel
	ReadOnly  bool
}

type ConnBeginTx interface {
	BeginTx(ctx context.Context, opts TxOptions) (Tx, error)
}

type SessionResetter interface {
	ResetSession(ctx context.Context) error
}

type Validator interface {
	IsValid() bool
}

type Result interface {
	LastInsertId() (int64, error)

	RowsAffected() (int64, error)
}

type Stmt interface {
	Close() error

	NumInput() int

	Exec(args []Value) (Result, error)

	Query(args []Value) (Rows, error)
}

type StmtExecContext interface {
	ExecContext(ctx context.Context, args []NamedValue) (Result, error)
}

type StmtQueryContext interface {
	QueryContext(ctx context.Context, args []NamedValue) (Rows, error)
}

var ErrRemoveArgument error

type NamedValueChecker interface {
	CheckNamedValue(*NamedValue) error
}

type ColumnConverter interface {
	ColumnConverter(idx int) ValueConverter
}

type Rows interface {
	Columns() []string

	Close() error

	Next(dest []Value) error
}

type RowsNextResultSet interface {
	Rows

	HasNextResultSet() bool

	NextResultSet() error
}

type RowsColumnTypeScanType interface {
	Rows
	ColumnTypeScanType(index int) reflect.Type
}

type RowsColumnTypeDatabaseTypeName interface {
	Rows
	ColumnTypeDatabaseTypeName(index int) string
}

type RowsColumnTypeLength interface {
	Rows
	ColumnTypeLength(index int) (length int64, ok bool)
}

type RowsColumnTypeNullable interface {
	Rows
	ColumnTypeNullable(index int) (nullable, ok bool)
}

type RowsColumnTypePrecisionScale interface {
	Rows
	ColumnTypePrecisionScale(index int) (precision, scale int64, ok bool)
}

type Tx interface {
	Commit() error
	Rollback() error
}

type RowsAffected int64

func (RowsAffected) LastInsertId() (int64, error)

func (v RowsAffected) RowsAffected() (int64, error)

var ResultNoRows noRows

func (noRows) LastInsertId() (int64, error)

func (noRows) RowsAffected() (int64, error)

type ValueConverter interface {
	ConvertValue(v any) (Value, error)
}

type Valuer interface {
	Value() (Value, error)
}

var Bool boolType

func (boolType) String() string

func (boolType) ConvertValue(src any) (Value, error)

var Int32 int32Type

func (int32Type) ConvertValue(v any) (Value, error)

var String stringType

func (stringType) ConvertValue(v any) (Value, error)

type Null struct {
	Converter ValueConverter
}

func (n Null) ConvertValue(v any) (Value, error)

type NotNull struct {
	Converter ValueConverter
}

func (n NotNull) ConvertValue(v any) (Value, error)

func IsValue(v any) bool

func IsScanValue(v any) bool

var DefaultParameterConverter defaultConverter

func (defaultConverter) ConvertValue(v any) (Value, error)
