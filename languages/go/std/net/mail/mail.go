// Package mail: messages.
package mail

import (
	"io"
	"mime"
	"time"
)

func (d debugT) Printf(format string, args ...any)

type Message struct {
	Header Header
	Body   io.Reader
}

func ReadMessage(r io.Reader) (msg *Message, err error)

func ParseDate(date string) (time.Time, error)

type Header map[string][]string

func (h Header) Get(key string) string

var ErrHeaderNotPresent error

func (h Header) Date() (time.Time, error)

func (h Header) AddressList(key string) ([]*Address, error)

type Address struct {
	Name    string
	Address string
}

func ParseAddress(address string) (*Address, error)

func ParseAddressList(list string) ([]*Address, error)

type AddressParser struct {
	WordDecoder *mime.WordDecoder
}

func (p *AddressParser) Parse(address string) (*Address, error)

func (p *AddressParser) ParseList(list string) ([]*Address, error)

func (a *Address) String() string

func (e charsetError) Error() string
