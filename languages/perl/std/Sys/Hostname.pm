package Sys::Hostname;

=head1 NAME

Sys::Hostname - The name of the machine

=cut

our @EXPORT = qw(hostname);
sub ghname { }
sub hostname { }
1;
