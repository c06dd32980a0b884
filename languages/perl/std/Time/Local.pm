package Time::Local;

=head1 NAME

Time::Local - Seconds out of a date

=cut

our @EXPORT = qw(timegm timelocal);
our @EXPORT_OK = qw(timegm_modern timelocal_modern timegm_nocheck timelocal_nocheck timegm_posix timelocal_posix);
sub SECS_PER_DAY { }
sub SECS_PER_HOUR { }
sub SECS_PER_MINUTE { }
sub timegm { }
sub timegm_modern { }
sub timegm_nocheck { }
sub timegm_posix { }
sub timelocal { }
sub timelocal_modern { }
sub timelocal_nocheck { }
sub timelocal_posix { }
1;
