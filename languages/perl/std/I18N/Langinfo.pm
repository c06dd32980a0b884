package I18N::Langinfo;

=head1 NAME

I18N::Langinfo - What the locale says

=cut

our @EXPORT = qw(langinfo);
our @EXPORT_OK = qw(ABDAY_1 ABDAY_2 ABDAY_3 ABDAY_4 ABDAY_5 ABDAY_6 ABDAY_7 ABMON_1 ABMON_10 ABMON_11 ABMON_12 ABMON_2 ABMON_3 ABMON_4 ABMON_5 ABMON_6 ABMON_7 ABMON_8 ABMON_9 ALT_DIGITS AM_STR CODESET CRNCYSTR DAY_1 DAY_2 DAY_3 DAY_4 DAY_5 DAY_6 DAY_7 D_FMT D_T_FMT ERA ERA_D_FMT ERA_D_T_FMT ERA_T_FMT MON_1 MON_10 MON_11 MON_12 MON_2 MON_3 MON_4 MON_5 MON_6 MON_7 MON_8 MON_9 NOEXPR NOSTR PM_STR RADIXCHAR THOUSEP T_FMT T_FMT_AMPM YESEXPR YESSTR);
sub ABDAY_1 { }
sub ABDAY_2 { }
sub ABDAY_3 { }
sub ABDAY_4 { }
sub ABDAY_5 { }
sub ABDAY_6 { }
sub ABDAY_7 { }
sub ABMON_1 { }
sub ABMON_10 { }
sub ABMON_11 { }
sub ABMON_12 { }
sub ABMON_2 { }
sub ABMON_3 { }
sub ABMON_4 { }
sub ABMON_5 { }
sub ABMON_6 { }
sub ABMON_7 { }
sub ABMON_8 { }
sub ABMON_9 { }
sub ALT_DIGITS { }
sub AM_STR { }
sub CODESET { }
sub CRNCYSTR { }
sub DAY_1 { }
sub DAY_2 { }
sub DAY_3 { }
sub DAY_4 { }
sub DAY_5 { }
sub DAY_6 { }
sub DAY_7 { }
sub D_FMT { }
sub D_T_FMT { }
sub ERA { }
sub ERA_D_FMT { }
sub ERA_D_T_FMT { }
sub ERA_T_FMT { }
sub MON_1 { }
sub MON_10 { }
sub MON_11 { }
sub MON_12 { }
sub MON_2 { }
sub MON_3 { }
sub MON_4 { }
sub MON_5 { }
sub MON_6 { }
sub MON_7 { }
sub MON_8 { }
sub MON_9 { }
sub NOEXPR { }
sub NOSTR { }
sub PM_STR { }
sub RADIXCHAR { }
sub THOUSEP { }
sub T_FMT { }
sub T_FMT_AMPM { }
sub YESEXPR { }
sub YESSTR { }
sub langinfo { }
1;
