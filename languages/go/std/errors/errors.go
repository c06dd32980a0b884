// Package errors: makes and examines errors.
package errors

func New(text string) error

func (e *errorString) Error() string

var ErrUnsupported = New("unsupported operation")

func Join(errs ...error) error

func (e *joinError) Error() string

func (e *joinError) Unwrap() []error

func Unwrap(err error) error

func Is(err, target error) bool

func As(err error, target any) bool

func AsType[E error](err error) (E, bool)
