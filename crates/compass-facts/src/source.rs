//! Bytes to text: encodings, line ends, and the way between offsets and lines.
//!
//! UTF-8 is taken as it is; a byte-order mark is dropped, UTF-16 is recognised by its mark or its zero bytes, and what
//! is not valid UTF-8 is read as Windows-1252 (a superset of Latin-1), which never fails. Columns count bytes of the
//! decoded text.

use encoding_rs::{UTF_16BE, UTF_16LE, WINDOWS_1252};

/// How the bytes were written.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum Encoding {
    Utf8,
    Utf8Bom,
    Utf16,
    Latin1,
}

/// Why bytes are no text.
#[derive(Debug, thiserror::Error, PartialEq, Eq)]
pub enum SourceError {
    /// Zero bytes among the first 8 KiB: an object file, picture or archive.
    #[error("binary file")]
    Binary,
    /// More than 4 GiB: offsets are 32 bits wide.
    #[error("file of {given} bytes, at most {limit}")]
    TooLarge {
        /// Its size in bytes.
        given: usize,
        /// The largest size in bytes.
        limit: usize,
    },
}

/// Decoded text with its lines.
#[derive(Debug, Clone)]
pub struct Source {
    /// The text.
    pub text: String,
    /// How the bytes were written.
    pub encoding: Encoding,
    /// Where lines begin.
    pub lines: LineIndex,
}

impl Source {
    /// Decodes bytes.
    ///
    /// # Errors
    /// [`SourceError::Binary`] for bytes that are no text, [`SourceError::TooLarge`] above 4 GiB.
    pub fn decode(bytes: Vec<u8>) -> Result<Source, SourceError> {
        let limit = u32::MAX as usize;
        if bytes.len() >= limit {
            return Err(SourceError::TooLarge { given: bytes.len(), limit });
        }
        let (text, encoding) = decode(bytes)?;
        // Grammars know no lines ended by CR alone: such text is given LF, which moves no offset.
        let text = if memchr::memchr(b'\n', text.as_bytes()).is_none() && text.contains('\r') { text.replace('\r', "\n") } else { text };
        let lines = LineIndex::new(&text);
        Ok(Source { text, encoding, lines })
    }
}

fn decode(mut bytes: Vec<u8>) -> Result<(String, Encoding), SourceError> {
    if bytes.starts_with(&[0xFF, 0xFE]) || bytes.starts_with(&[0xFE, 0xFF]) {
        let encoding = if bytes[0] == 0xFF { UTF_16LE } else { UTF_16BE };
        return Ok((encoding.decode_with_bom_removal(&bytes).0.into_owned(), Encoding::Utf16));
    }
    let head = &bytes[..bytes.len().min(8192)];
    if memchr::memchr(0, head).is_some() {
        return decode_utf16_without_mark(&bytes);
    }
    let marked = bytes.starts_with(&[0xEF, 0xBB, 0xBF]);
    if marked {
        bytes.drain(..3);
    }
    match String::from_utf8(bytes) {
        Ok(text) => Ok((text, if marked { Encoding::Utf8Bom } else { Encoding::Utf8 })),
        Err(e) => Ok((WINDOWS_1252.decode_without_bom_handling(e.as_bytes()).0.into_owned(), Encoding::Latin1)),
    }
}

/// ASCII written as UTF-16 has a zero in every other byte, always on the same side.
fn decode_utf16_without_mark(bytes: &[u8]) -> Result<(String, Encoding), SourceError> {
    let head = &bytes[..bytes.len().min(512) & !1];
    let zeros = |odd: usize| head.iter().skip(odd).step_by(2).filter(|&&b| b == 0).count();
    let half = head.len() / 2;
    let encoding = match (zeros(0), zeros(1)) {
        (0, z) if half >= 4 && z * 10 >= half * 8 => UTF_16LE,
        (z, 0) if half >= 4 && z * 10 >= half * 8 => UTF_16BE,
        _ => return Err(SourceError::Binary),
    };
    Ok((encoding.decode_without_bom_handling(bytes).0.into_owned(), Encoding::Utf16))
}

/// Where the lines of a text begin. Lines count from 1, columns in bytes from 1.
#[derive(Debug, Clone, Default)]
pub struct LineIndex {
    starts: Vec<u32>,
    length: u32,
}

impl LineIndex {
    /// Finds the lines of `text`: ended by LF or CRLF, or by CR alone in a text that has no LF.
    pub fn new(text: &str) -> Self {
        let bytes = text.as_bytes();
        let end = if memchr::memchr(b'\n', bytes).is_some() { b'\n' } else { b'\r' };
        let mut starts = vec![0];
        starts.extend(memchr::memchr_iter(end, bytes).map(|i| i as u32 + 1));
        if starts.len() > 1 && starts.last() == Some(&(bytes.len() as u32)) {
            starts.pop();
        }
        LineIndex { starts, length: bytes.len() as u32 }
    }

    /// Number of lines; an empty text has one.
    pub fn count(&self) -> u32 {
        self.starts.len() as u32
    }

    /// Line and column, both from 1, of a byte offset.
    pub fn locate(&self, offset: u32) -> (u32, u32) {
        let line = self.starts.partition_point(|&s| s <= offset).max(1);
        (line as u32, offset - self.starts[line - 1] + 1)
    }

    /// Byte offset of a line and column, both from 1; `None` beyond the text.
    pub fn offset(&self, line: u32, column: u32) -> Option<u32> {
        let start = *self.starts.get(line.checked_sub(1)? as usize)?;
        let offset = start.checked_add(column.checked_sub(1)?)?;
        let end = self.starts.get(line as usize).copied().unwrap_or(self.length + 1);
        (offset < end.max(start + 1)).then_some(offset)
    }

    /// The bytes of a line, its end excluded.
    pub fn line_span(&self, line: u32, text: &str) -> super::Span {
        let Some(&start) = line.checked_sub(1).and_then(|l| self.starts.get(l as usize)) else {
            return super::Span::default();
        };
        let end = self.starts.get(line as usize).copied().unwrap_or(self.length);
        let body = text[start as usize..end as usize].trim_end_matches(['\n', '\r']);
        super::Span { start, end: start + body.len() as u32 }
    }

    /// The text of a line, its end excluded; empty beyond the text.
    pub fn line<'t>(&self, line: u32, text: &'t str) -> &'t str {
        self.line_span(line, text).of(text)
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::plain(b"caf\xc3\xa9".to_vec(), "café", Encoding::Utf8)]
    #[case::mark(b"\xef\xbb\xbfx = 1".to_vec(), "x = 1", Encoding::Utf8Bom)]
    #[case::latin(b"caf\xe9".to_vec(), "café", Encoding::Latin1)]
    #[case::utf16_little(b"\xff\xfea\0b\0".to_vec(), "ab", Encoding::Utf16)]
    #[case::utf16_big(b"\xfe\xff\0a\0b".to_vec(), "ab", Encoding::Utf16)]
    #[case::utf16_without_mark(b"d\0e\0f\0 \0x\0".to_vec(), "def x", Encoding::Utf16)]
    #[case::empty(vec![], "", Encoding::Utf8)]
    fn bytes_become_text(#[case] bytes: Vec<u8>, #[case] text: &str, #[case] encoding: Encoding) {
        let source = Source::decode(bytes).expect("text");
        assert_eq!((source.text.as_str(), source.encoding), (text, encoding));
    }

    #[test]
    fn zero_bytes_are_no_text() {
        assert_eq!(Source::decode(b"\x7fELF\0\0\0\x01\x02\x03\x04\x05".to_vec()).err(), Some(SourceError::Binary));
    }

    #[rstest]
    #[case::lf("a\nb\n", 2)]
    #[case::crlf("a\r\nb", 2)]
    #[case::cr("a\rb\rc", 3)]
    #[case::cr_inside_lf("a\rb\nc", 2)]
    #[case::none("", 1)]
    fn lines_are_counted(#[case] text: &str, #[case] lines: u32) {
        assert_eq!(LineIndex::new(text).count(), lines);
    }

    #[test]
    fn offsets_and_places_agree() {
        let text = "one\r\ntwo\r\n\r\nfour";
        let lines = LineIndex::new(text);
        for offset in 0..text.len() as u32 {
            let (line, column) = lines.locate(offset);
            assert_eq!(lines.offset(line, column), Some(offset));
        }
        assert_eq!(lines.line(2, text), "two");
        assert_eq!(lines.line(4, text), "four");
        assert_eq!(lines.offset(9, 1), None);
        assert_eq!(lines.offset(0, 1), None);
        assert_eq!(lines.offset(1, 99), None);
    }
}
