package Locale::Maketext;

=head1 NAME

Locale::Maketext - Texts in several languages

=cut

sub DEBUG { }
sub allowlist { }
sub blacklist { }
sub clear_isa_scan { }
sub denylist { }
sub encoding { }
sub fail_with { }
sub failure_handler_auto { }
sub fallback_language_classes { }
sub fallback_languages { }
sub get_handle { }
sub init { }
sub language_tag { }
sub maketext { }
sub new { }
sub numerate { }
sub numf { }
sub quant { }
sub sprintf { }
sub whitelist { }
1;
