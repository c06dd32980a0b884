"""Text in pages."""
def escape(s, quote=True) -> str:
    """With signs of markup escaped."""
def unescape(s) -> str: ...
