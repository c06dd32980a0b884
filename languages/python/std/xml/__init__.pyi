from xml import parsers as parsers
