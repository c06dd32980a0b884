package IO::Seekable;

=head1 NAME

IO::Seekable - Going to a place in a file

=cut

our @EXPORT = qw(SEEK_SET SEEK_CUR SEEK_END);
sub SEEK_CUR { }
sub SEEK_END { }
sub SEEK_SET { }
sub getpos { }
sub seek { }
sub setpos { }
sub sysseek { }
sub tell { }
1;
