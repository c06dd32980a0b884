// Package pem: keys and certificates as text.
package pem

import (
	"io"
)

type Block struct {
	Type    string
	Headers map[string]string
	Bytes   []byte
}

func Decode(data []byte) (p *Block, rest []byte)

func (l *lineBreaker) Write(b []byte) (n int, err error)

func (l *lineBreaker) Close() (err error)

func Encode(out io.Writer, b *Block) error

func EncodeToMemory(b *Block) []byte
