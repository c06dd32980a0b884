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
