package Env;

=head1 NAME

Env - Environment variables as variables

=cut

sub FETCH { }
sub STORE { }
sub TIESCALAR { }
1;
