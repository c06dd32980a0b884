// Package cookiejar: keeps cookies.
package cookiejar

import (
	"net/http"
	"net/url"
)

type PublicSuffixList interface {
	PublicSuffix(domain string) string

	String() string
}

type Options struct {
	PublicSuffixList PublicSuffixList
}

type Jar struct {
}

func New(o *Options) (*Jar, error)

func (j *Jar) Cookies(u *url.URL) (cookies []*http.Cookie)

func (j *Jar) SetCookies(u *url.URL, cookies []*http.Cookie)
