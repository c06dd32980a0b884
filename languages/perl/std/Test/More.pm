package Test::More;

=head1 NAME

Test::More - Checks of a test, with what came and what was wanted

=cut

our @ISA = qw(Test::Builder::Module);
our @EXPORT = qw(ok use_ok require_ok is isnt like unlike is_deeply cmp_ok skip todo todo_skip pass fail eq_array eq_hash eq_set $TODO plan done_testing can_ok isa_ok new_ok diag note explain subtest BAIL_OUT);
sub BAIL_OUT { }
sub can_ok { }
sub cmp_ok { }
sub diag { }
sub done_testing { }
sub eq_array { }
sub eq_hash { }
sub eq_set { }
sub explain { }
sub fail { }
sub import_extra { }
sub is { }
sub is_deeply { }
sub isa_ok { }
sub isnt { }
sub like { }
sub new_ok { }
sub note { }
sub ok { }
sub pass { }
sub plan { }
sub require_ok { }
sub skip { }
sub subtest { }
sub todo_skip { }
sub unlike { }
sub use_ok { }
1;
