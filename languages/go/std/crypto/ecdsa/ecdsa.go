// Package ecdsa: signatures by elliptic curves.
package ecdsa

import (
	"crypto"
	"crypto/ecdh"
	"crypto/elliptic"
	"io"
	"math/big"
)

type PublicKey struct {
	elliptic.Curve

	X, Y *big.Int
}

func (pub *PublicKey) ECDH() (*ecdh.PublicKey, error)

func (pub *PublicKey) Equal(x crypto.PublicKey) bool

func ParseUncompressedPublicKey(curve elliptic.Curve, data []byte) (*PublicKey, error)

func (pub *PublicKey) Bytes() ([]byte, error)

type PrivateKey struct {
	PublicKey

	D *big.Int
}

func (priv *PrivateKey) ECDH() (*ecdh.PrivateKey, error)

func (priv *PrivateKey) Public() crypto.PublicKey

func (priv *PrivateKey) Equal(x crypto.PrivateKey) bool

func ParseRawPrivateKey(curve elliptic.Curve, data []byte) (*PrivateKey, error)

func (priv *PrivateKey) Bytes() ([]byte, error)

func (priv *PrivateKey) Sign(random io.Reader, digest []byte, opts crypto.SignerOpts) ([]byte, error)

func GenerateKey(c elliptic.Curve, r io.Reader) (*PrivateKey, error)

func SignASN1(r io.Reader, priv *PrivateKey, hash []byte) ([]byte, error)

func VerifyASN1(pub *PublicKey, hash, sig []byte) bool

func Sign(rand io.Reader, priv *PrivateKey, hash []byte) (r, s *big.Int, err error)

func Verify(pub *PublicKey, hash []byte, r, s *big.Int) bool
