//! Lua: little programs with marks.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::tables(&[(
    "rack.lua",
    r#"local ⟦M:M⟧ = { ⟦depth:depth⟧ = 3, ⟦oil:oil⟧ = function() end }
«M=M».__index = M
local helper
local function ⟦early:early⟧(n) return «helper=helper»(n) end
function ⟦helper:helper⟧(n) return n + «M=M».«depth=depth» end

--- Makes one.
function M.⟦new:new⟧(n)
  local ⟦self:self⟧ = setmetatable({}, M)
  «self=self».⟦count:count⟧ = n
  return self
end

function M:⟦turn:turn⟧(⟦by:by⟧)
  self.«count=count» = self.«count=count» + «by=by»
  for i, w in ipairs({}) do «early=early»(i) end
  if by > 1 then return self:«turn=turn»(0) end
  return self
end
M.⟦also:also⟧ = «early=early»
M.sub = { ⟦deep:deep⟧ = function() end }

local rack = M.«new=new»(2)
rack:«turn=turn»(1)
M.«new=new»(3):«turn=turn»(2)
M.«oil=oil»()
M.sub.«deep=deep»()
return M
"#,
)])]
#[case::modules(&[
    ("larder/wheel.lua", "local wheel = {}\nfunction wheel.⟦make:make⟧(n) return wheel end\nfunction wheel.⟦spin:spin⟧() end\nreturn wheel\n"),
    ("larder/split.lua", "return function(text) return text end\n"),
    ("larder/init.lua", "local M = {}\nfunction M.⟦open:open⟧() end\nreturn M\n"),
    ("use.lua", "local wheel = require(\"larder.wheel\")\nlocal larder = require \"larder\"\nlocal make = wheel.make\nwheel.«make=make»(1).«spin=spin»()\n«make~make»(2)\nlarder.«open=open»()\nrequire(\"larder.wheel\").«spin=spin»()\n"),
])]
#[case::what_stands_behind(&[(
    "behind.lua",
    r#"local Base = {}
Base.__index = Base
function Base:⟦turn:turn⟧() end
local Derived = setmetatable({}, { __index = Base })
Derived.__index = Derived
function Derived:⟦spin:spin⟧() self:«turn~turn»() end
local Other = class("Other", Base)
function Other:⟦oil:oil⟧() self:«oil=oil»() self:«turn~turn»() end
Derived:«spin=spin»()
Derived:«turn~turn»()
"#,
)])]
#[case::names_of_all(&[
    ("all.lua", "⟦Larder:Larder⟧ = {}\nfunction Larder.⟦open:open⟧() end\nfunction ⟦bake:bake⟧() end\nlocal function bake_more() «bake=bake»() end\n"),
    ("use.lua", "«Larder=Larder».«open=open»()\n«bake=bake»()\n"),
])]
fn names_of_lua(#[case] files: &[(&str, &str)]) {
    check(files);
    compiles(files, &["lua5.4", concat!(env!("CARGO_MANIFEST_DIR"), "/tests/it/check.lua")], &[".lua"]);
}
