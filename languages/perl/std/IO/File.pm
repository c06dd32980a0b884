package IO::File;

=head1 NAME

IO::File - Files as objects

=cut

our @ISA = qw(IO::Handle IO::Seekable);
our @EXPORT = qw(SEEK_SET SEEK_CUR SEEK_END O_ACCMODE O_ALIAS O_APPEND O_ASYNC O_BINARY O_CREAT O_DEFER O_DIRECT O_DIRECTORY O_DSYNC O_EXCL O_EXLOCK O_LARGEFILE O_NDELAY O_NOCTTY O_NOFOLLOW O_NOINHERIT O_NONBLOCK O_RANDOM O_RAW O_RDONLY O_RDWR O_RSRC O_RSYNC O_SEQUENTIAL O_SHLOCK O_SYNC O_TEMPORARY O_TEXT O_TRUNC O_WRONLY);
sub O_ACCMODE { }
sub O_APPEND { }
sub O_ASYNC { }
sub O_BINARY { }
sub O_CREAT { }
sub O_DIRECT { }
sub O_DIRECTORY { }
sub O_DSYNC { }
sub O_EXCL { }
sub O_LARGEFILE { }
sub O_NDELAY { }
sub O_NOCTTY { }
sub O_NOFOLLOW { }
sub O_NONBLOCK { }
sub O_RDONLY { }
sub O_RDWR { }
sub O_RSYNC { }
sub O_SYNC { }
sub O_TEXT { }
sub O_TRUNC { }
sub O_WRONLY { }
sub SEEK_CUR { }
sub SEEK_END { }
sub SEEK_SET { }
sub binmode { }
sub new { }
sub new_tmpfile { }
sub open { }
1;
