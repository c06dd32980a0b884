package Time::localtime;

=head1 NAME

Time::localtime - The parts of a moment by name

=cut

our @ISA = qw(Time::tm);
our @EXPORT = qw(localtime ctime);
our @EXPORT_OK = qw($tm_sec $tm_min $tm_hour $tm_mday $tm_mon $tm_year $tm_wday $tm_yday $tm_isdst);
sub ctime { }
sub localtime { }
sub populate { }
1;
