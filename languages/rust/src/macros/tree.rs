//! Token trees: tokens, and groups between brackets.

use compass_expand::{Record, TokenId, TokenKind};

/// What a fragment variable asks for.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum Fragment {
    Ident,
    Lifetime,
    Tt,
    Literal,
    Vis,
    Block,
    Stmt,
    Expr,
    Ty,
    Pat,
    PatParam,
    Path,
    Meta,
    Item,
}

impl Fragment {
    /// The fragment of that name.
    pub fn of_name(name: &str) -> Option<Fragment> {
        Some(match name {
            "ident" => Fragment::Ident,
            "lifetime" => Fragment::Lifetime,
            "tt" => Fragment::Tt,
            "literal" => Fragment::Literal,
            "vis" => Fragment::Vis,
            "block" => Fragment::Block,
            "stmt" => Fragment::Stmt,
            "expr" | "expr_2021" => Fragment::Expr,
            "ty" => Fragment::Ty,
            "pat" => Fragment::Pat,
            "pat_param" => Fragment::PatParam,
            "path" => Fragment::Path,
            "meta" => Fragment::Meta,
            "item" => Fragment::Item,
            _ => return None,
        })
    }
}

/// What holds a group together.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Delimiter {
    /// `( )`
    Round,
    /// `[ ]`
    Square,
    /// `{ }`
    Curly,
    /// Nothing written: what a variable matched.
    Matched(Fragment),
}

/// A token or a group.
#[derive(Debug, Clone, PartialEq)]
pub enum Tree {
    /// One token.
    Leaf(TokenId),
    /// A group.
    Group(Group),
}

/// See [`Tree`].
#[derive(Debug, Clone, PartialEq)]
pub struct Group {
    /// What holds it together.
    pub delimiter: Delimiter,
    /// Its brackets, where there are any.
    pub brackets: Option<(TokenId, TokenId)>,
    /// What stands in it.
    pub trees: Vec<Tree>,
}

/// Nesting that is followed; what is deeper stays flat, so that nothing recurses without bound.
const MAX_DEPTH: usize = 256;

/// Builds trees. Brackets that do not fit each other stay single tokens.
pub fn trees(record: &Record, ids: &[TokenId]) -> Vec<Tree> {
    let mut open: Vec<(TokenId, Delimiter, Vec<Tree>)> = Vec::new();
    let mut here: Vec<Tree> = Vec::new();
    for &id in ids {
        let token = record.token(id);
        let text = if token.kind == TokenKind::Punct { &*token.text } else { "" };
        let opens = match text {
            "(" => Some(Delimiter::Round),
            "[" => Some(Delimiter::Square),
            "{" => Some(Delimiter::Curly),
            _ => None,
        };
        if let Some(delimiter) = opens
            && open.len() < MAX_DEPTH
        {
            open.push((id, delimiter, std::mem::take(&mut here)));
            continue;
        }
        let closes = match text {
            ")" => Some(Delimiter::Round),
            "]" => Some(Delimiter::Square),
            "}" => Some(Delimiter::Curly),
            _ => None,
        };
        match open.pop() {
            Some((begin, delimiter, outer)) if closes == Some(delimiter) => {
                let trees = std::mem::replace(&mut here, outer);
                here.push(Tree::Group(Group { delimiter, brackets: Some((begin, id)), trees }));
            }
            popped => {
                open.extend(popped);
                here.push(Tree::Leaf(id));
            }
        }
    }
    while let Some((begin, _, mut outer)) = open.pop() {
        outer.push(Tree::Leaf(begin));
        outer.append(&mut here);
        here = outer;
    }
    here
}

/// The tokens of trees in order.
pub fn flatten(trees: &[Tree], out: &mut Vec<TokenId>) {
    for tree in trees {
        match tree {
            Tree::Leaf(id) => out.push(*id),
            Tree::Group(group) => {
                out.extend(group.brackets.map(|b| b.0));
                flatten(&group.trees, out);
                out.extend(group.brackets.map(|b| b.1));
            }
        }
    }
}
