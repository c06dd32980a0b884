// Package color: colours.
package color

type Color interface {
	RGBA() (r, g, b, a uint32)
}

type RGBA struct {
	R, G, B, A uint8
}

func (c RGBA) RGBA() (r, g, b, a uint32)

type RGBA64 struct {
	R, G, B, A uint16
}

func (c RGBA64) RGBA() (r, g, b, a uint32)

type NRGBA struct {
	R, G, B, A uint8
}

func (c NRGBA) RGBA() (r, g, b, a uint32)

type NRGBA64 struct {
	R, G, B, A uint16
}

func (c NRGBA64) RGBA() (r, g, b, a uint32)

type Alpha struct {
	A uint8
}

func (c Alpha) RGBA() (r, g, b, a uint32)

type Alpha16 struct {
	A uint16
}

func (c Alpha16) RGBA() (r, g, b, a uint32)

type Gray struct {
	Y uint8
}

func (c Gray) RGBA() (r, g, b, a uint32)

type Gray16 struct {
	Y uint16
}

func (c Gray16) RGBA() (r, g, b, a uint32)

type Model interface {
	Convert(c Color) Color
}

func ModelFunc(f func(Color) Color) Model

func (m *modelFunc) Convert(c Color) Color

var (
	RGBAModel    Model
	RGBA64Model  Model
	NRGBAModel   Model
	NRGBA64Model Model
	AlphaModel   Model
	Alpha16Model Model
	GrayModel    Model
	Gray16Model  Model
)

type Palette []Color

func (p Palette) Convert(c Color) Color

func (p Palette) Index(c Color) int

var (
	Black       = Gray16{0}
	White       = Gray16{0xffff}
	Transparent = Alpha16{0}
	Opaque      = Alpha16{0xffff}
)

func RGBToYCbCr(r, g, b uint8) (uint8, uint8, uint8)

func YCbCrToRGB(y, cb, cr uint8) (uint8, uint8, uint8)

type YCbCr struct {
	Y, Cb, Cr uint8
}

func (c YCbCr) RGBA() (uint32, uint32, uint32, uint32)

var YCbCrModel Model

type NYCbCrA struct {
	YCbCr
	A uint8
}

func (c NYCbCrA) RGBA() (uint32, uint32, uint32, uint32)

var NYCbCrAModel Model

func RGBToCMYK(r, g, b uint8) (uint8, uint8, uint8, uint8)

func CMYKToRGB(c, m, y, k uint8) (uint8, uint8, uint8)

type CMYK struct {
	C, M, Y, K uint8
}

func (c CMYK) RGBA() (uint32, uint32, uint32, uint32)

var CMYKModel Model
