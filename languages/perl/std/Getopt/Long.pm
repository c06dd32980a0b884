package Getopt::Long;

=head1 NAME

Getopt::Long - Options with long names, from the command line

=cut

our @EXPORT = qw(&GetOptions $REQUIRE_ORDER $PERMUTE $RETURN_IN_ORDER);
our @EXPORT_OK = qw(&HelpMessage &VersionMessage &Configure &GetOptionsFromArray &GetOptionsFromString);
sub CTL_AMAX { }
sub CTL_AMIN { }
sub CTL_CNAME { }
sub CTL_DEFAULT { }
sub CTL_DEST { }
sub CTL_DEST_ARRAY { }
sub CTL_DEST_CODE { }
sub CTL_DEST_HASH { }
sub CTL_DEST_SCALAR { }
sub CTL_TYPE { }
sub ConfigDefaults { }
sub Configure { }
sub FindOption { }
sub GetOptions { }
sub GetOptionsFromArray { }
sub GetOptionsFromString { }
sub HelpMessage { }
sub OptCtl { }
sub PAT_FLOAT { }
sub PAT_INT { }
sub PAT_XINT { }
sub ParseOptionSpec { }
sub VERSION { }
sub ValidValue { }
sub VersionMessage { }
sub config { }
sub setup_pa_args { }
1;
