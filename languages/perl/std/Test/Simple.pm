package Test::Simple;

=head1 NAME

Test::Simple - One check

=cut

our @ISA = qw(Test::Builder::Module);
our @EXPORT = qw(ok);
sub ok { }
1;
