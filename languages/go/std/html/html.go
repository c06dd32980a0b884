// Package html: escapes text for pages.
package html

func EscapeString(s string) string

func UnescapeString(s string) string
