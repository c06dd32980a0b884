package IPC::Open3;

=head1 NAME

IPC::Open3 - Starts a program with input, output and errors

=cut

our @EXPORT = qw(open3);
sub DO_SPAWN { }
sub FORCE_DEBUG_SPAWN { }
sub open3 { }
sub spawn_with_handles { }
sub xclose { }
sub xfileno { }
sub xopen { }
sub xpipe { }
1;
