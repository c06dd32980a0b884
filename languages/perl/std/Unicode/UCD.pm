package Unicode::UCD;

=head1 NAME

Unicode::UCD - What is known of a character

=cut

our @EXPORT_OK = qw(charinfo charblock charscript charblocks charscripts charinrange charprop charprops_all general_categories bidi_types compexcl casefold all_casefolds casespec namedseq num prop_aliases prop_value_aliases prop_values prop_invlist prop_invmap search_invlist MAX_CP);
sub DEBUG { }
sub IS_ASCII_PLATFORM { }
sub SWASHNEW { }
sub UnicodeVersion { }
sub all_casefolds { }
sub bidi_types { }
sub casefold { }
sub casespec { }
sub charblock { }
sub charblocks { }
sub charinfo { }
sub charinrange { }
sub charprop { }
sub charprops_all { }
sub charscript { }
sub charscripts { }
sub compexcl { }
sub general_categories { }
sub loose_name { }
sub namedseq { }
sub num { }
sub openunicode { }
sub prop_aliases { }
sub prop_invlist { }
sub prop_invmap { }
sub prop_value_aliases { }
sub prop_values { }
sub search_invlist { }
1;
