package Unicode::Normalize;

=head1 NAME

Unicode::Normalize - Characters in composed and decomposed form

=cut

our @EXPORT = qw(NFC NFD NFKC NFKD);
our @EXPORT_OK = qw(normalize decompose reorder compose checkNFD checkNFKD checkNFC checkNFKC check getCanon getCompat getComposite getCombinClass isExclusion isSingleton isNonStDecomp isComp2nd isComp_Ex isNFD_NO isNFC_NO isNFC_MAYBE isNFKD_NO isNFKC_NO isNFKC_MAYBE FCD checkFCD FCC checkFCC composeContiguous splitOnLastStarter normalize_partial NFC_partial NFD_partial NFKC_partial NFKD_partial);
sub FCC { }
sub FCD { }
sub NFC { }
sub NFC_partial { }
sub NFD { }
sub NFD_partial { }
sub NFKC { }
sub NFKC_partial { }
sub NFKD { }
sub NFKD_partial { }
sub check { }
sub checkFCC { }
sub checkFCD { }
sub checkNFC { }
sub checkNFD { }
sub checkNFKC { }
sub checkNFKD { }
sub compose { }
sub composeContiguous { }
sub decompose { }
sub dot_t_pack_U { }
sub dot_t_unpack_U { }
sub from_native { }
sub getCanon { }
sub getCombinClass { }
sub getCompat { }
sub getComposite { }
sub get_printable_string { }
sub isComp2nd { }
sub isComp_Ex { }
sub isExclusion { }
sub isNFC_MAYBE { }
sub isNFC_NO { }
sub isNFD_NO { }
sub isNFKC_MAYBE { }
sub isNFKC_NO { }
sub isNFKD_NO { }
sub isNonStDecomp { }
sub isSingleton { }
sub normalize { }
sub normalize_partial { }
sub ok { }
sub reorder { }
sub splitOnLastStarter { }
sub to_native { }
1;
