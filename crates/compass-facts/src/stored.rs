//! How enums are stored: by a number written beside each variant, never by their order.

/// Stores an enum by the number written beside each variant: variants may be sorted anew, and a number is never given away again.
///
/// ```
/// #[derive(Debug, Clone, Copy, PartialEq)]
/// enum Side { Left, Right }
/// compass_facts::stored_by_number!(Side { Left = 3, Right = 1 });
/// assert_eq!((Side::Left.number(), Side::from_number(1), Side::from_number(2)), (3, Some(Side::Right), None));
/// ```
#[macro_export]
macro_rules! stored_by_number {
    ($name:ident { $($variant:ident = $number:literal),+ $(,)? }) => {
        impl $name {
            /// The number it is stored by.
            #[must_use]
            pub const fn number(self) -> u8 {
                match self { $($name::$variant => $number),+ }
            }

            /// What is stored by the number.
            #[must_use]
            pub const fn from_number(number: u8) -> Option<$name> {
                match number { $($number => Some($name::$variant),)+ _ => None }
            }
        }

        impl $crate::serde::Serialize for $name {
            fn serialize<S: $crate::serde::Serializer>(&self, to: S) -> Result<S::Ok, S::Error> {
                to.serialize_u8(self.number())
            }
        }

        impl<'de> $crate::serde::Deserialize<'de> for $name {
            fn deserialize<D: $crate::serde::Deserializer<'de>>(from: D) -> Result<$name, D::Error> {
                let number = <u8 as $crate::serde::Deserialize>::deserialize(from)?;
                $name::from_number(number).ok_or_else(|| $crate::serde::de::Error::custom(format_args!("no {} has the number {number}", stringify!($name))))
            }
        }
    };
}

#[cfg(test)]
mod tests {
    use crate::{Kind, Language, Role};
    use rstest::rstest;

    #[derive(Debug, Clone, Copy, PartialEq)]
    enum Before {
        Left,
        Right,
        Above,
    }
    stored_by_number!(Before { Left = 0, Right = 1, Above = 2 });

    /// The same, its variants in another order and one more among them.
    #[derive(Debug, Clone, Copy, PartialEq)]
    enum After {
        Above,
        Below,
        Right,
        Left,
    }
    stored_by_number!(After { Above = 2, Below = 3, Right = 1, Left = 0 });

    #[rstest]
    #[case(Before::Left, After::Left)]
    #[case(Before::Right, After::Right)]
    #[case(Before::Above, After::Above)]
    fn a_reordered_enum_reads_what_was_stored(#[case] before: Before, #[case] after: After) {
        let bytes = postcard::to_stdvec(&before).expect("bytes");
        assert_eq!(postcard::from_bytes::<After>(&bytes).expect("read"), after);
    }

    #[rstest]
    fn an_unknown_number_is_no_value() {
        let bytes = postcard::to_stdvec(&After::Below).expect("bytes");
        assert!(postcard::from_bytes::<Before>(&bytes).is_err());
    }

    #[rstest]
    fn every_kind_role_and_language_comes_back() {
        for kind in Kind::ALL {
            assert_eq!(postcard::from_bytes::<Kind>(&postcard::to_stdvec(&kind).expect("bytes")).expect("read"), kind);
        }
        for role in Role::ALL {
            assert_eq!(postcard::from_bytes::<Role>(&postcard::to_stdvec(&role).expect("bytes")).expect("read"), role);
        }
        for language in Language::ALL {
            assert_eq!(postcard::from_bytes::<Language>(&postcard::to_stdvec(&language).expect("bytes")).expect("read"), language);
        }
    }
}
