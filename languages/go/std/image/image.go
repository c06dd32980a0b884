// Package image: pictures.
package image

import (
	"image/color"
	"io"
)

var ErrFormat error

func RegisterFormat(name, magic string, decode func(io.Reader) (Image, error), decodeConfig func(io.Reader) (Config, error))

func Decode(r io.Reader) (Image, string, error)

func DecodeConfig(r io.Reader) (Config, string, error)

type Point struct {
	X, Y int
}

func (p Point) String() string

func (p Point) Add(q Point) Point

func (p Point) Sub(q Point) Point

func (p Point) Mul(k int) Point

func (p Point) Div(k int) Point

func (p Point) In(r Rectangle) bool

func (p Point) Mod(r Rectangle) Point

func (p Point) Eq(q Point) bool

var ZP Point

func Pt(X, Y int) Point

type Rectangle struct {
	Min, Max Point
}

func (r Rectangle) String() string

func (r Rectangle) Dx() int

func (r Rectangle) Dy() int

func (r Rectangle) Size() Point

func (r Rectangle) Add(p Point) Rectangle

func (r Rectangle) Sub(p Point) Rectangle

func (r Rectangle) Inset(n int) Rectangle

func (r Rectangle) Intersect(s Rectangle) Rectangle

func (r Rectangle) Union(s Rectangle) Rectangle

func (r Rectangle) Empty() bool

func (r Rectangle) Eq(s Rectangle) bool

func (r Rectangle) Overlaps(s Rectangle) bool

func (r Rectangle) In(s Rectangle) bool

func (r Rectangle) Canon() Rectangle

func (r Rectangle) At(x, y int) color.Color

func (r Rectangle) RGBA64At(x, y int) color.RGBA64

func (r Rectangle) Bounds() Rectangle

func (r Rectangle) ColorModel() color.Model

var ZR Rectangle

func Rect(x0, y0, x1, y1 int) Rectangle

type Config struct {
	ColorModel    color.Model
	Width, Height int
}

type Image interface {
	ColorModel() color.Model

	Bounds() Rectangle

	At(x, y int) color.Color
}

type RGBA64Image interface {
	RGBA64At(x, y int) color.RGBA64
	Image
}

type PalettedImage interface {
	ColorIndexAt(x, y int) uint8
	Image
}

type RGBA struct {
	Pix []uint8

	Stride int

	Rect Rectangle
}

func (p *RGBA) ColorModel() color.Model

func (p *RGBA) Bounds() Rectangle

func (p *RGBA) At(x, y int) color.Color

func (p *RGBA) RGBA64At(x, y int) color.RGBA64

func (p *RGBA) RGBAAt(x, y int) color.RGBA

func (p *RGBA) PixOffset(x, y int) int

func (p *RGBA) Set(x, y int, c color.Color)

func (p *RGBA) SetRGBA64(x, y int, c color.RGBA64)

func (p *RGBA) SetRGBA(x, y int, c color.RGBA)

func (p *RGBA) SubImage(r Rectangle) Image

func (p *RGBA) Opaque() bool

func NewRGBA(r Rectangle) *RGBA

type RGBA64 struct {
	Pix []uint8

	Stride int

	Rect Rectangle
}

func (p *RGBA64) ColorModel() color.Model

func (p *RGBA64) Bounds() Rectangle

func (p *RGBA64) At(x, y int) color.Color

func (p *RGBA64) RGBA64At(x, y int) color.RGBA64

func (p *RGBA64) PixOffset(x, y int) int

func (p *RGBA64) Set(x, y int, c color.Color)

func (p *RGBA64) SetRGBA64(x, y int, c color.RGBA64)

func (p *RGBA64) SubImage(r Rectangle) Image

func (p *RGBA64) Opaque() bool

func NewRGBA64(r Rectangle) *RGBA64

type NRGBA struct {
	Pix []uint8

	Stride int

	Rect Rectangle
}

func (p *NRGBA) ColorModel() color.Model

func (p *NRGBA) Bounds() Rectangle

func (p *NRGBA) At(x, y int) color.Color

func (p *NRGBA) RGBA64At(x, y int) color.RGBA64

func (p *NRGBA) NRGBAAt(x, y int) color.NRGBA

func (p *NRGBA) PixOffset(x, y int) int

func (p *NRGBA) Set(x, y int, c color.Color)

func (p *NRGBA) SetRGBA64(x, y int, c color.RGBA64)

func (p *NRGBA) SetNRGBA(x, y int, c color.NRGBA)

func (p *NRGBA) SubImage(r Rectangle) Image

func (p *NRGBA) Opaque() bool

func NewNRGBA(r Rectangle) *NRGBA

type NRGBA64 struct {
	Pix []uint8

	Stride int

	Rect Rectangle
}

func (p *NRGBA64) ColorModel() color.Model

func (p *NRGBA64) Bounds() Rectangle

func (p *NRGBA64) At(x, y int) color.Color

func (p *NRGBA64) RGBA64At(x, y int) color.RGBA64

func (p *NRGBA64) NRGBA64At(x, y int) color.NRGBA64

func (p *NRGBA64) PixOffset(x, y int) int

func (p *NRGBA64) Set(x, y int, c color.Color)

func (p *NRGBA64) SetRGBA64(x, y int, c color.RGBA64)

func (p *NRGBA64) SetNRGBA64(x, y int, c color.NRGBA64)

func (p *NRGBA64) SubImage(r Rectangle) Image

func (p *NRGBA64) Opaque() bool

func NewNRGBA64(r Rectangle) *NRGBA64

type Alpha struct {
	Pix []uint8

	Stride int

	Rect Rectangle
}

func (p *Alpha) ColorModel() color.Model

func (p *Alpha) Bounds() Rectangle

func (p *Alpha) At(x, y int) color.Color

func (p *Alpha) RGBA64At(x, y int) color.RGBA64

func (p *Alpha) AlphaAt(x, y int) color.Alpha

func (p *Alpha) PixOffset(x, y int) int

func (p *Alpha) Set(x, y int, c color.Color)

func (p *Alpha) SetRGBA64(x, y int, c color.RGBA64)

func (p *Alpha) SetAlpha(x, y int, c color.Alpha)

func (p *Alpha) SubImage(r Rectangle) Image

func (p *Alpha) Opaque() bool

func NewAlpha(r Rectangle) *Alpha

type Alpha16 struct {
	Pix []uint8

	Stride int

	Rect Rectangle
}

func (p *Alpha16) ColorModel() color.Model

func (p *Alpha16) Bounds() Rectangle

func (p *Alpha16) At(x, y int) color.Color

func (p *Alpha16) RGBA64At(x, y int) color.RGBA64

func (p *Alpha16) Alpha16At(x, y int) color.Alpha16

func (p *Alpha16) PixOffset(x, y int) int

func (p *Alpha16) Set(x, y int, c color.Color)

func (p *Alpha16) SetRGBA64(x, y int, c color.RGBA64)

func (p *Alpha16) SetAlpha16(x, y int, c color.Alpha16)

func (p *Alpha16) SubImage(r Rectangle) Image

func (p *Alpha16) Opaque() bool

func NewAlpha16(r Rectangle) *Alpha16

type Gray struct {
	Pix []uint8

	Stride int

	Rect Rectangle
}

func (p *Gray) ColorModel() color.Model

func (p *Gray) Bounds() Rectangle

func (p *Gray) At(x, y int) color.Color

func (p *Gray) RGBA64At(x, y int) color.RGBA64

func (p *Gray) GrayAt(x, y int) color.Gray

func (p *Gray) PixOffset(x, y int) int

func (p *Gray) Set(x, y int, c color.Color)

func (p *Gray) SetRGBA64(x, y int, c color.RGBA64)

func (p *Gray) SetGray(x, y int, c color.Gray)

func (p *Gray) SubImage(r Rectangle) Image

func (p *Gray) Opaque() bool

func NewGray(r Rectangle) *Gray

type Gray16 struct {
	Pix []uint8

	Stride int

	Rect Rectangle
}

func (p *Gray16) ColorModel() color.Model

func (p *Gray16) Bounds() Rectangle

func (p *Gray16) At(x, y int) color.Color

func (p *Gray16) RGBA64At(x, y int) color.RGBA64

func (p *Gray16) Gray16At(x, y int) color.Gray16

func (p *Gray16) PixOffset(x, y int) int

func (p *Gray16) Set(x, y int, c color.Color)

func (p *Gray16) SetRGBA64(x, y int, c color.RGBA64)

func (p *Gray16) SetGray16(x, y int, c color.Gray16)

func (p *Gray16) SubImage(r Rectangle) Image

func (p *Gray16) Opaque() bool

func NewGray16(r Rectangle) *Gray16

type CMYK struct {
	Pix []uint8

	Stride int

	Rect Rectangle
}

func (p *CMYK) ColorModel() color.Model

func (p *CMYK) Bounds() Rectangle

func (p *CMYK) At(x, y int) color.Color

func (p *CMYK) RGBA64At(x, y int) color.RGBA64

func (p *CMYK) CMYKAt(x, y int) color.CMYK

func (p *CMYK) PixOffset(x, y int) int

func (p *CMYK) Set(x, y int, c color.Color)

func (p *CMYK) SetRGBA64(x, y int, c color.RGBA64)

func (p *CMYK) SetCMYK(x, y int, c color.CMYK)

func (p *CMYK) SubImage(r Rectangle) Image

func (p *CMYK) Opaque() bool

func NewCMYK(r Rectangle) *CMYK

type Paletted struct {
	Pix []uint8

	Stride int

	Rect Rectangle

	Palette color.Palette
}

func (p *Paletted) ColorModel() color.Model

func (p *Paletted) Bounds() Rectangle

func (p *Paletted) At(x, y int) color.Color

func (p *Paletted) RGBA64At(x, y int) color.RGBA64

func (p *Paletted) PixOffset(x, y int) int

func (p *Paletted) Set(x, y int, c color.Color)

func (p *Paletted) SetRGBA64(x, y int, c color.RGBA64)

func (p *Paletted) ColorIndexAt(x, y int) uint8

func (p *Paletted) SetColorIndex(x, y int, index uint8)

func (p *Paletted) SubImage(r Rectangle) Image

func (p *Paletted) Opaque() bool

func NewPaletted(r Rectangle, p color.Palette) *Paletted

var (
	Black = NewUniform(color.Black)

	White = NewUniform(color.White)

	Transparent = NewUniform(color.Transparent)

	Opaque = NewUniform(color.Opaque)
)

type Uniform struct {
	C color.Color
}

func (c *Uniform) RGBA() (r, g, b, a uint32)

func (c *Uniform) ColorModel() color.Model

func (c *Uniform) Convert(color.Color) color.Color

func (c *Uniform) Bounds() Rectangle

func (c *Uniform) At(x, y int) color.Color

func (c *Uniform) RGBA64At(x, y int) color.RGBA64

func (c *Uniform) Opaque() bool

func NewUniform(c color.Color) *Uniform

type YCbCrSubsampleRatio int

const (
	YCbCrSubsampleRatio444 YCbCrSubsampleRatio = iota
	YCbCrSubsampleRatio422
	YCbCrSubsampleRatio420
	YCbCrSubsampleRatio440
	YCbCrSubsampleRatio411
	YCbCrSubsampleRatio410
)

func (s YCbCrSubsampleRatio) String() string

type YCbCr struct {
	Y, Cb, Cr      []uint8
	YStride        int
	CStride        int
	SubsampleRatio YCbCrSubsampleRatio
	Rect           Rectangle
}

func (p *YCbCr) ColorModel() color.Model

func (p *YCbCr) Bounds() Rectangle

func (p *YCbCr) At(x, y int) color.Color

func (p *YCbCr) RGBA64At(x, y int) color.RGBA64

func (p *YCbCr) YCbCrAt(x, y int) color.YCbCr

func (p *YCbCr) YOffset(x, y int) int

func (p *YCbCr) COffset(x, y int) int

func (p *YCbCr) SubImage(r Rectangle) Image

func (p *YCbCr) Opaque() bool

func NewYCbCr(r Rectangle, subsampleRatio YCbCrSubsampleRatio) *YCbCr

type NYCbCrA struct {
	YCbCr
	A       []uint8
	AStride int
}

func (p *NYCbCrA) ColorModel() color.Model

func (p *NYCbCrA) At(x, y int) color.Color

func (p *NYCbCrA) RGBA64At(x, y int) color.RGBA64

func (p *NYCbCrA) NYCbCrAAt(x, y int) color.NYCbCrA

func (p *NYCbCrA) AOffset(x, y int) int

func (p *NYCbCrA) SubImage(r Rectangle) Image

func (p *NYCbCrA) Opaque() bool

func NewNYCbCrA(r Rectangle, subsampleRatio YCbCrSubsampleRatio) *NYCbCrA
