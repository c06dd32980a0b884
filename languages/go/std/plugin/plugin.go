// Package plugin: loads code.
package plugin

type Plugin struct {
}

func Open(path string) (*Plugin, error)

func (p *Plugin) Lookup(symName string) (Symbol, error)

type Symbol any
