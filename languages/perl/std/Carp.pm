package Carp;

=head1 NAME

Carp - Warnings and errors as seen from the caller

=cut

our @EXPORT = qw(confess croak carp);
our @EXPORT_OK = qw(cluck verbose longmess shortmess);
sub CALLER_OVERRIDE_CHECK_OK { }
sub LAST_FH { }
sub UTF8_REGEXP_PROBLEM { }
sub caller_info { }
sub carp { }
sub cluck { }
sub confess { }
sub croak { }
sub export_fail { }
sub format_arg { }
sub get_status { }
sub get_subname { }
sub is_safe_printable_codepoint { }
sub long_error_loc { }
sub longmess { }
sub longmess_heavy { }
sub ret_backtrace { }
sub ret_summary { }
sub short_error_loc { }
sub shortmess { }
sub shortmess_heavy { }
sub str_len_trim { }
sub trusts { }
sub trusts_directly { }
1;
