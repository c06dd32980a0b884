// Package ed25519: signatures by one elliptic curve.
package ed25519

import (
	"crypto"
	"io"
)

const (
	PublicKeySize = 32

	PrivateKeySize = 64

	SignatureSize = 64

	SeedSize = 32
)

type PublicKey []byte

func (pub PublicKey) Equal(x crypto.PublicKey) bool

type PrivateKey []byte

func (priv PrivateKey) Public() crypto.PublicKey

func (priv PrivateKey) Equal(x crypto.PrivateKey) bool

func (priv PrivateKey) Seed() []byte

func (priv PrivateKey) Sign(rand io.Reader, message []byte, opts crypto.SignerOpts) (signature []byte, err error)

type Options struct {
	Hash crypto.Hash

	Context string
}

func (o *Options) HashFunc() crypto.Hash

func GenerateKey(random io.Reader) (PublicKey, PrivateKey, error)

func NewKeyFromSeed(seed []byte) PrivateKey

func Sign(privateKey PrivateKey, message []byte) []byte

func Verify(publicKey PublicKey, message, sig []byte) bool

func VerifyWithOptions(publicKey PublicKey, message, sig []byte, opts *Options) error
