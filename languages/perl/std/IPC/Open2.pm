package IPC::Open2;

=head1 NAME

IPC::Open2 - Starts a program with both its ends

=cut

our @EXPORT = qw(open2);
sub open2 { }
1;
