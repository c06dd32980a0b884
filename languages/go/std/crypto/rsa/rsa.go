// Package rsa: encryption and signatures by large numbers.
package rsa

import (
	"crypto"
	"hash"
	"io"
	"math/big"
)

const (
	PSSSaltLengthAuto = 0

	PSSSaltLengthEqualsHash = -1
)

type PSSOptions struct {
	SaltLength int

	Hash crypto.Hash
}

func (opts *PSSOptions) HashFunc() crypto.Hash

func SignPSS(random io.Reader, priv *PrivateKey, hash crypto.Hash, digest []byte, opts *PSSOptions) ([]byte, error)

func VerifyPSS(pub *PublicKey, hash crypto.Hash, digest []byte, sig []byte, opts *PSSOptions) error

func EncryptOAEP(hash hash.Hash, random io.Reader, pub *PublicKey, msg []byte, label []byte) ([]byte, error)

func EncryptOAEPWithOptions(random io.Reader, pub *PublicKey, msg []byte, opts *OAEPOptions) ([]byte, error)

func DecryptOAEP(hash hash.Hash, random io.Reader, priv *PrivateKey, ciphertext []byte, label []byte) ([]byte, error)

func SignPKCS1v15(random io.Reader, priv *PrivateKey, hash crypto.Hash, hashed []byte) ([]byte, error)

func VerifyPKCS1v15(pub *PublicKey, hash crypto.Hash, hashed []byte, sig []byte) error

type PKCS1v15DecryptOptions struct {
	SessionKeyLen int
}

func EncryptPKCS1v15(random io.Reader, pub *PublicKey, msg []byte) ([]byte, error)

func DecryptPKCS1v15(random io.Reader, priv *PrivateKey, ciphertext []byte) ([]byte, error)

func DecryptPKCS1v15SessionKey(random io.Reader, priv *PrivateKey, ciphertext []byte, key []byte) error

type PublicKey struct {
	N *big.Int
	E int
}

func (pub *PublicKey) Size() int

func (pub *PublicKey) Equal(x crypto.PublicKey) bool

type OAEPOptions struct {
	Hash crypto.Hash

	MGFHash crypto.Hash

	Label []byte
}

type PrivateKey struct {
	PublicKey
	D      *big.Int
	Primes []*big.Int

	Precomputed PrecomputedValues
}

func (priv *PrivateKey) Public() crypto.PublicKey

func (priv *PrivateKey) Equal(x crypto.PrivateKey) bool

func (priv *PrivateKey) Sign(rand io.Reader, digest []byte, opts crypto.SignerOpts) ([]byte, error)

func (priv *PrivateKey) Decrypt(rand io.Reader, ciphertext []byte, opts crypto.DecrypterOpts) (plaintext []byte, err error)

type PrecomputedValues struct {
	Dp, Dq *big.Int
	Qinv   *big.Int

	CRTValues []CRTValue
}

type CRTValue struct {
	Exp   *big.Int
	Coeff *big.Int
	R     *big.Int
}

func (priv *PrivateKey) Validate() error

func GenerateKey(random io.Reader, bits int) (*PrivateKey, error)

func GenerateMultiPrimeKey(random io.Reader, nprimes int, bits int) (*PrivateKey, error)

var ErrMessageTooLong error

var ErrDecryption error

var ErrVerification error

func (priv *PrivateKey) Precompute()
