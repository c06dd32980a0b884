package Time::Piece;

=head1 NAME

Time::Piece - Dates as objects

=cut

our @EXPORT = qw(localtime gmtime);
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
sub add_months { }
sub add_years { }
sub c_epoch { }
sub c_hour { }
sub c_isdst { }
sub c_islocal { }
sub c_mday { }
sub c_min { }
sub c_mon { }
sub c_sec { }
sub c_wday { }
sub c_yday { }
sub c_year { }
sub cdate { }
sub compare { }
sub date { }
sub date_separator { }
sub datetime { }
sub day { }
sub day_list { }
sub day_of_month { }
sub day_of_week { }
sub day_of_year { }
sub daylight_savings { }
sub dmy { }
sub epoch { }
sub export { }
sub fullday { }
sub fullmonth { }
sub get_epochs { }
sub gmtime { }
sub hms { }
sub hour { }
sub is_leap_year { }
sub isdst { }
sub julian_day { }
sub localtime { }
sub mday { }
sub mdy { }
sub min { }
sub minute { }
sub mjd { }
sub mon { }
sub mon_list { }
sub monname { }
sub month { }
sub month_last_day { }
sub new { }
sub parse { }
sub sec { }
sub second { }
sub str_compare { }
sub strftime { }
sub strptime { }
sub subtract { }
sub time { }
sub time_separator { }
sub truncate { }
sub tzoffset { }
sub use_locale { }
sub wday { }
sub wdayname { }
sub week { }
sub yday { }
sub year { }
sub ymd { }
sub yy { }
1;
