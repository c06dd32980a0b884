// Package user: users of the system.
package user

func Current() (*User, error)

func Lookup(username string) (*User, error)

func LookupId(uid string) (*User, error)

func LookupGroup(name string) (*Group, error)

func LookupGroupId(gid string) (*Group, error)

func (u *User) GroupIds() ([]string, error)

type User struct {
	Uid string

	Gid string

	Username string

	Name string

	HomeDir string
}

type Group struct {
	Gid  string
	Name string
}

type UnknownUserIdError int

func (e UnknownUserIdError) Error() string

type UnknownUserError string

func (e UnknownUserError) Error() string

type UnknownGroupIdError string

func (e UnknownGroupIdError) Error() string

type UnknownGroupError string

func (e UnknownGroupError) Error() string
