package Time::Seconds;

=head1 NAME

Time::Seconds - Lengths of time as objects

=cut

our @EXPORT = qw(ONE_MINUTE ONE_HOUR ONE_DAY ONE_WEEK ONE_MONTH ONE_YEAR ONE_FINANCIAL_MONTH LEAP_YEAR NON_LEAP_YEAR);
our @EXPORT_OK = qw(cs_sec cs_mon);
sub LEAP_YEAR { }
sub NON_LEAP_YEAR { }
sub ONE_DAY { }
sub ONE_FINANCIAL_MONTH { }
sub ONE_HOUR { }
sub ONE_MINUTE { }
sub ONE_MONTH { }
sub ONE_WEEK { }
sub ONE_YEAR { }
sub add { }
sub add_to { }
sub compare { }
sub copy { }
sub cs_mon { }
sub cs_sec { }
sub days { }
sub financial_months { }
sub hours { }
sub minutes { }
sub months { }
sub new { }
sub pretty { }
sub seconds { }
sub subtract { }
sub subtract_from { }
sub weeks { }
sub years { }
1;
