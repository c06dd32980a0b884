package version;

=head1 NAME

version - Numbers of versions that compare part by part

=cut

sub boolean { }
sub declare { }
sub is_alpha { }
sub is_qv { }
sub new { }
sub noop { }
sub normal { }
sub numify { }
sub parse { }
sub qv { }
sub stringify { }
sub vcmp { }
1;
