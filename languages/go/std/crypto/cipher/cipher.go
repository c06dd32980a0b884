// Package cipher: modes of block ciphers.
package cipher

import (
	"io"
)

func NewCBCEncrypter(b Block, iv []byte) BlockMode

func (x *cbcEncrypter) BlockSize() int

func (x *cbcEncrypter) CryptBlocks(dst, src []byte)

func (x *cbcEncrypter) SetIV(iv []byte)

func NewCBCDecrypter(b Block, iv []byte) BlockMode

func (x *cbcDecrypter) BlockSize() int

func (x *cbcDecrypter) CryptBlocks(dst, src []byte)

func (x *cbcDecrypter) SetIV(iv []byte)

func (x *cfb) XORKeyStream(dst, src []byte)

func NewCFBEncrypter(block Block, iv []byte) Stream

func NewCFBDecrypter(block Block, iv []byte) Stream

type Block interface {
	BlockSize() int

	Encrypt(dst, src []byte)

	Decrypt(dst, src []byte)
}

type Stream interface {
	XORKeyStream(dst, src []byte)
}

type BlockMode interface {
	BlockSize() int

	CryptBlocks(dst, src []byte)
}

type AEAD interface {
	NonceSize() int

	Overhead() int

	Seal(dst, nonce, plaintext, additionalData []byte) []byte

	Open(dst, nonce, ciphertext, additionalData []byte) ([]byte, error)
}

func NewCTR(block Block, iv []byte) Stream

func (x aesCtrWrapper) XORKeyStream(dst, src []byte)

func (x *ctr) XORKeyStream(dst, src []byte)

func NewGCM(cipher Block) (AEAD, error)

func NewGCMWithNonceSize(cipher Block, size int) (AEAD, error)

func NewGCMWithTagSize(cipher Block, tagSize int) (AEAD, error)

func NewGCMWithRandomNonce(cipher Block) (AEAD, error)

func (g gcmWithRandomNonce) NonceSize() int

func (g gcmWithRandomNonce) Overhead() int

func (g gcmWithRandomNonce) Seal(dst, nonce, plaintext, additionalData []byte) []byte

func (g gcmWithRandomNonce) Open(dst, nonce, ciphertext, additionalData []byte) ([]byte, error)

func (g *gcmFallback) NonceSize() int

func (g *gcmFallback) Overhead() int

func (g *gcmFallback) Seal(dst, nonce, plaintext, additionalData []byte) []byte

func (g *gcmFallback) Open(dst, nonce, ciphertext, additionalData []byte) ([]byte, error)

type StreamReader struct {
	S Stream
	R io.Reader
}

func (r StreamReader) Read(dst []byte) (n int, err error)

type StreamWriter struct {
	S   Stream
	W   io.Writer
	Err error
}

func (w StreamWriter) Write(src []byte) (n int, err error)

func (w StreamWriter) Close() error

func NewOFB(b Block, iv []byte) Stream

func (x *ofb) XORKeyStream(dst, src []byte)
