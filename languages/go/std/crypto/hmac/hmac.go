// Package hmac: digests with a key.
package hmac

import (
	"hash"
)

func New(h func() hash.Hash, key []byte) hash.Hash

func Equal(mac1, mac2 []byte) bool
