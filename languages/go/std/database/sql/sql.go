// Package sql: databases that are asked in SQL.
package sql

import (
	"context"
	"database/sql/driver"
	"reflect"
	"time"
)

func (c ccChecker) CheckNamedValue(nv *driver.NamedValue) error

func Register(name string, driver driver.Driver)

func Drivers() []string

type NamedArg struct {
	Name string

	Value any
}

func Named(name string, value any) NamedArg

type IsolationLevel int

const (
	LevelDefault IsolationLevel = iota
	LevelReadUncommitted
	LevelReadCommitted
	LevelWriteCommitted
	LevelRepeatableRead
	LevelSnapshot
	LevelSerializable
	LevelLinearizable
)

func (i IsolationLevel) String() string

type TxOptions struct {
	Isolation IsolationLevel
	ReadOnly  bool
}

type RawBytes []byte

type NullString struct {
	String string
	Valid  bool
}

func (ns *NullString) Scan(value any) error

func (ns NullString) Value() (driver.Value, error)

type NullInt64 struct {
	Int64 int64
	Valid bool
}

func (n *NullInt64) Scan(value any) error

func (n NullInt64) Value() (driver.Value, error)

type NullInt32 struct {
	Int32 int32
	Valid bool
}

func (n *NullInt32) Scan(value any) error

func (n NullInt32) Value() (driver.Value, error)

type NullInt16 struct {
	Int16 int16
	Valid bool
}

func (n *NullInt16) Scan(value any) error

func (n NullInt16) Value() (driver.Value, error)

type NullByte struct {
	Byte  byte
	Valid bool
}

func (n *NullByte) Scan(value any) error

func (n NullByte) Value() (driver.Value, error)

type NullFloat64 struct {
	Float64 float64
	Valid   bool
}

func (n *NullFloat64) Scan(value any) error

func (n NullFloat64) Value() (driver.Value, error)

type NullBool struct {
	Bool  bool
	Valid bool
}

func (n *NullBool) Scan(value any) error

func (n NullBool) Value() (driver.Value, error)

type NullTime struct {
	Time  time.Time
	Valid bool
}

func (n *NullTime) Scan(value any) error

func (n NullTime) Value() (driver.Value, error)

type Null[T any] struct {
	V     T
	Valid bool
}

func (n *Null[T]) Scan(value any) error

func (n Null[T]) Value() (driver.Value, error)

type Scanner interface {
	Scan(src any) error
}

type Out struct {
	Dest any

	In bool
}

var ErrNoRows error

type DB struct {
}

func (dc *driverConn) Close() error

func (ds *driverStmt) Close() error

func (t dsnConnector) Connect(_ context.Context) (driver.Conn, error)

func (t dsnConnector) Driver() driver.Driver

func OpenDB(c driver.Connector) *DB

func Open(driverName, dataSourceName string) (*DB, error)

func (db *DB) PingContext(ctx context.Context) error

func (db *DB) Ping() error

func (db *DB) Close() error

func (db *DB) SetMaxIdleConns(n int)

func (db *DB) SetMaxOpenConns(n int)

func (db *DB) SetConnMaxLifetime(d time.Duration)

func (db *DB) SetConnMaxIdleTime(d time.Duration)

type DBStats struct {
	MaxOpenConnections int

	OpenConnections int
	InUse           int
	Idle            int

	WaitCount         int64
	WaitDuration      time.Duration
	MaxIdleClosed     int64
	MaxIdleTimeClosed int64
	MaxLifetimeClosed int64
}

func (db *DB) Stats() DBStats

func (db *DB) PrepareContext(ctx context.Context, query string) (*Stmt, error)

func (db *DB) Prepare(query string) (*Stmt, error)

func (db *DB) ExecContext(ctx context.Context, query string, args ...any) (Result, error)

func (db *DB) Exec(query string, args ...any) (Result, error)

func (db *DB) QueryContext(ctx context.Context, query string, args ...any) (*Rows, error)

func (db *DB) Query(query string, args ...any) (*Rows, error)

func (db *DB) QueryRowContext(ctx context.Context, query string, args ...any) *Row

func (db *DB) QueryRow(query string, args ...any) *Row

func (db *DB) BeginTx(ctx context.Context, opts *TxOptions) (*Tx, error)

func (db *DB) Begin() (*Tx, error)

func (db *DB) Driver() driver.Driver

var ErrConnDone error

func (db *DB) Conn(ctx context.Context) (*Conn, error)

type Conn struct {
}

func (c *Conn) PingContext(ctx context.Context) error

func (c *Conn) ExecContext(ctx context.Context, query string, args ...any) (Result, error)

func (c *Conn) QueryContext(ctx context.Context, query string, args ...any) (*Rows, error)

func (c *Conn) QueryRowContext(ctx context.Context, query string, args ...any) *Row

func (c *Conn) PrepareContext(ctx context.Context, query string) (*Stmt, error)

func (c *Conn) Raw(f func(driverConn any) error) (err error)

func (c *Conn) BeginTx(ctx context.Context, opts *TxOptions) (*Tx, error)

func (c *Conn) Close() error

type Tx struct {
}

var ErrTxDone error

func (tx *Tx) Commit() error

func (tx *Tx) Rollback() error

func (tx *Tx) PrepareContext(ctx context.Context, query string) (*Stmt, error)

func (tx *Tx) Prepare(query string) (*Stmt, error)

func (tx *Tx) StmtContext(ctx context.Context, stmt *Stmt) *Stmt

func (tx *Tx) Stmt(stmt *Stmt) *Stmt

func (tx *Tx) ExecContext(ctx context.Context, query string, args ...any) (Result, error)

func (tx *Tx) Exec(query string, args ...any) (Result, error)

func (tx *Tx) QueryContext(ctx context.Context, query string, args ...any) (*Rows, error)

func (tx *Tx) Query(query string, args ...any) (*Rows, error)

func (tx *Tx) QueryRowContext(ctx context.Context, query string, args ...any) *Row

func (tx *Tx) QueryRow(query string, args ...any) *Row

type Stmt struct {
}

func (s *Stmt) ExecContext(ctx context.Context, args ...any) (Result, error)

func (s *Stmt) Exec(args ...any) (Result, error)

func (s *Stmt) QueryContext(ctx context.Context, args ...any) (*Rows, error)

func (s *Stmt) Query(args ...any) (*Rows, error)

func (s *Stmt) QueryRowContext(ctx context.Context, args ...any) *Row

func (s *Stmt) QueryRow(args ...any) *Row

func (s *Stmt) Close() error

type Rows struct {
}

func (rs *Rows) Next() bool

func (rs *Rows) NextResultSet() bool

func (rs *Rows) Err() error

func (rs *Rows) Columns() ([]string, error)

func (rs *Rows) ColumnTypes() ([]*ColumnType, error)

type ColumnType struct {
}

func (ci *ColumnType) Name() string

func (ci *ColumnType) Length() (length int64, ok bool)

func (ci *ColumnType) DecimalSize() (precision, scale int64, ok bool)

func (ci *ColumnType) ScanType() reflect.Type

func (ci *ColumnType) Nullable() (nullable, ok bool)

func (ci *ColumnType) DatabaseTypeName() string

func (rs *Rows) Scan(dest ...any) error

func (rs *Rows) Close() error

type Row struct {
}

func (r *Row) Scan(dest ...any) error

func (r *Row) Err() error

type Result interface {
	LastInsertId() (int64, error)

	RowsAffected() (int64, error)
}

func (dr driverResult) LastInsertId() (int64, error)

func (dr driverResult) RowsAffected() (int64, error)

func (s *connRequestSet) CloseAndRemoveAll()

func (s *connRequestSet) Len() int

func (s *connRequestSet) Add(v chan connRequest) connRequestDelHandle

func (s *connRequestSet) Delete(h connRequestDelHandle) bool

func (s *connRequestSet) TakeRandom() (v chan connRequest, ok bool)
