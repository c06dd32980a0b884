package File::Glob;

=head1 NAME

File::Glob - File names by pattern

=cut

our @EXPORT_OK = qw(GLOB_ABEND GLOB_ALPHASORT GLOB_ALTDIRFUNC GLOB_BRACE GLOB_CSH GLOB_ERR GLOB_ERROR GLOB_LIMIT GLOB_MARK GLOB_NOCASE GLOB_NOCHECK GLOB_NOMAGIC GLOB_NOSORT GLOB_NOSPACE GLOB_QUOTE GLOB_TILDE bsd_glob csh_glob);
sub CLONE { }
sub GLOB_ABEND { }
sub GLOB_ALPHASORT { }
sub GLOB_ALTDIRFUNC { }
sub GLOB_BRACE { }
sub GLOB_CSH { }
sub GLOB_ERR { }
sub GLOB_ERROR { }
sub GLOB_LIMIT { }
sub GLOB_MARK { }
sub GLOB_NOCASE { }
sub GLOB_NOCHECK { }
sub GLOB_NOMAGIC { }
sub GLOB_NOSORT { }
sub GLOB_NOSPACE { }
sub GLOB_QUOTE { }
sub GLOB_TILDE { }
sub bsd_glob { }
sub bsd_glob_override { }
sub csh_glob { }
1;
