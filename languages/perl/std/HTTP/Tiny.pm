package HTTP::Tiny;

=head1 NAME

HTTP::Tiny - A small client of HTTP

=cut

sub SSL_options { }
sub agent { }
sub can_ssl { }
sub connected { }
sub cookie_jar { }
sub default_headers { }
sub delete { }
sub get { }
sub head { }
sub http_proxy { }
sub https_proxy { }
sub keep_alive { }
sub local_address { }
sub max_redirect { }
sub max_size { }
sub mirror { }
sub new { }
sub no_proxy { }
sub patch { }
sub post { }
sub post_form { }
sub proxy { }
sub put { }
sub request { }
sub timeout { }
sub verify_SSL { }
sub www_form_urlencode { }
1;
