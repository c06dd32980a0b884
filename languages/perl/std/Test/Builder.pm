package Test::Builder;

=head1 NAME

Test::Builder - What modules of tests are built on

=cut

sub BAILOUT { }
sub BAIL_OUT { }
sub caller { }
sub carp { }
sub child { }
sub cmp_ok { }
sub coordinate_forks { }
sub create { }
sub croak { }
sub ctx { }
sub current_test { }
sub details { }
sub diag { }
sub done_testing { }
sub expected_tests { }
sub explain { }
sub exported_to { }
sub failure_output { }
sub finalize { }
sub find_TODO { }
sub has_plan { }
sub in_todo { }
sub is_eq { }
sub is_fh { }
sub is_num { }
sub is_passing { }
sub isnt_eq { }
sub isnt_num { }
sub level { }
sub like { }
sub maybe_regex { }
sub name { }
sub new { }
sub no_diag { }
sub no_ending { }
sub no_header { }
sub no_log_results { }
sub no_plan { }
sub note { }
sub ok { }
sub output { }
sub parent { }
sub plan { }
sub reset { }
sub reset_outputs { }
sub skip { }
sub skip_all { }
sub subtest { }
sub summary { }
sub todo { }
sub todo_end { }
sub todo_output { }
sub todo_skip { }
sub todo_start { }
sub unlike { }
sub use_numbers { }
1;
