package Benchmark;

=head1 NAME

Benchmark - Measures how long code takes

=cut

our @EXPORT = qw(timeit timethis timethese timediff timestr);
our @EXPORT_OK = qw(timesum cmpthese countit clearcache clearallcache disablecache enablecache);
sub clearallcache { }
sub clearcache { }
sub cmpthese { }
sub countit { }
sub cpu_a { }
sub cpu_c { }
sub cpu_p { }
sub debug { }
sub disablecache { }
sub elapsed { }
sub enablecache { }
sub init { }
sub iters { }
sub mytime { }
sub n_to_for { }
sub new { }
sub real { }
sub runloop { }
sub timedebug { }
sub timediff { }
sub timeit { }
sub timestr { }
sub timesum { }
sub timethese { }
sub timethis { }
sub usage { }
1;
