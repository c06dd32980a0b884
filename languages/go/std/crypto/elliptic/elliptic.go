// Package elliptic: elliptic curves.
package elliptic

import (
	"io"
	"math/big"
)

type Curve interface {
	Params() *CurveParams

	IsOnCurve(x, y *big.Int) bool

	Add(x1, y1, x2, y2 *big.Int) (x, y *big.Int)

	Double(x1, y1 *big.Int) (x, y *big.Int)

	ScalarMult(x1, y1 *big.Int, k []byte) (x, y *big.Int)

	ScalarBaseMult(k []byte) (x, y *big.Int)
}

func GenerateKey(curve Curve, rand io.Reader) (priv []byte, x, y *big.Int, err error)

func Marshal(curve Curve, x, y *big.Int) []byte

func MarshalCompressed(curve Curve, x, y *big.Int) []byte

func Unmarshal(curve Curve, data []byte) (x, y *big.Int)

func UnmarshalCompressed(curve Curve, data []byte) (x, y *big.Int)

func P224() Curve

func P256() Curve

func P384() Curve

func P521() Curve

func (curve *nistCurve[Point]) Params() *CurveParams

func (curve *nistCurve[Point]) IsOnCurve(x, y *big.Int) bool

func (curve *nistCurve[Point]) Add(x1, y1, x2, y2 *big.Int) (*big.Int, *big.Int)

func (curve *nistCurve[Point]) Double(x1, y1 *big.Int) (*big.Int, *big.Int)

func (curve *nistCurve[Point]) ScalarMult(Bx, By *big.Int, scalar []byte) (*big.Int, *big.Int)

func (curve *nistCurve[Point]) ScalarBaseMult(scalar []byte) (*big.Int, *big.Int)

func (curve *nistCurve[Point]) Unmarshal(data []byte) (x, y *big.Int)

func (curve *nistCurve[Point]) UnmarshalCompressed(data []byte) (x, y *big.Int)

type CurveParams struct {
	P       *big.Int
	N       *big.Int
	B       *big.Int
	Gx, Gy  *big.Int
	BitSize int
	Name    string
}

func (curve *CurveParams) Params() *CurveParams

func (curve *CurveParams) IsOnCurve(x, y *big.Int) bool

func (curve *CurveParams) Add(x1, y1, x2, y2 *big.Int) (*big.Int, *big.Int)

func (curve *CurveParams) Double(x1, y1 *big.Int) (*big.Int, *big.Int)

func (curve *CurveParams) ScalarMult(Bx, By *big.Int, k []byte) (*big.Int, *big.Int)

func (curve *CurveParams) ScalarBaseMult(k []byte) (*big.Int, *big.Int)
