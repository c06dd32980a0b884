<?php
// Writes the public declarations of the running language, one file an extension.
// Arguments: a list of names with a line of documentation each, a folder to write to, the file of functions that are written by hand.
[, $list, $folder, $byHand] = $argv;
$docs = [];
foreach (file($list, FILE_IGNORE_NEW_LINES) as $line) {
    $parts = explode("\t", $line);
    if (count($parts) === 2) {
        $docs[strtolower($parts[0])] = $parts[1];
    }
}
preg_match_all('/^function &?(\w+)/m', file_get_contents($byHand), $written);
preg_match_all('/^(?:(?:final|abstract) )?(?:class|interface) (\w+)/m', file_get_contents($byHand), $writtenTypes);
$written = array_merge($written[1], $writtenTypes[1]);
$extensions = ['Core', 'SPL', 'standard', 'date', 'pcre', 'json', 'ctype', 'mbstring', 'hash', 'iconv', 'filter', 'random', 'Reflection', 'tokenizer',
    'dom', 'libxml', 'SimpleXML', 'xml', 'xmlreader', 'xmlwriter', 'xsl', 'PDO', 'mysqli', 'sqlite3', 'curl', 'openssl', 'session', 'zip', 'zlib', 'Phar', 'fileinfo',
    'intl', 'posix', 'pcntl', 'sockets', 'readline', 'gd', 'bcmath', 'exif', 'ftp', 'gettext', 'calendar'];

function typeOf(?ReflectionType $type): string
{
    return $type === null ? '' : preg_replace_callback('/\b[A-Z][\w\\\\]*/', fn ($m) => '\\' . $m[0], (string) $type);
}

function parameters(ReflectionFunctionAbstract $of): string
{
    $all = [];
    foreach ($of->getParameters() as $p) {
        $text = trim(typeOf($p->getType()) . ' ' . ($p->isPassedByReference() ? '&' : '') . ($p->isVariadic() ? '...' : '') . '$' . $p->getName());
        if ($p->isOptional() && !$p->isVariadic()) {
            $value = 'null';
            try {
                if ($p->isDefaultValueAvailable()) {
                    $value = $p->isDefaultValueConstant() ? $p->getDefaultValueConstantName() : str_replace("\n", '', var_export($p->getDefaultValue(), true));
                }
            } catch (ReflectionException) {
            }
            $text .= " = $value";
        }
        $all[] = $text;
    }
    return implode(', ', $all);
}

function result(ReflectionFunctionAbstract $of): string
{
    $type = $of->hasReturnType() ? $of->getReturnType() : ($of->hasTentativeReturnType() ? $of->getTentativeReturnType() : null);
    return $type === null ? '' : ': ' . typeOf($type);
}

function documented(string $name, string $indent = ''): string
{
    global $docs;
    $doc = $docs[strtolower($name)] ?? null;
    return $doc === null ? '' : "$indent/** $doc */\n";
}

function classText(ReflectionClass $c): string
{
    $kind = $c->isInterface() ? 'interface' : ($c->isTrait() ? 'trait' : 'class');
    $text = documented($c->getName());
    $text .= ($c->isFinal() ? 'final ' : '') . ($c->isAbstract() && $kind === 'class' ? 'abstract ' : '') . "$kind " . $c->getShortName();
    $parent = $c->getParentClass();
    $interfaces = $c->getInterfaceNames();
    // Only what the class names itself.
    $known = $parent ? $parent->getInterfaceNames() : [];
    foreach ($interfaces as $i) {
        $known = array_merge($known, (new ReflectionClass($i))->getInterfaceNames());
    }
    $own = array_map(fn ($n) => '\\' . $n, array_values(array_diff($interfaces, $known)));
    $text .= $parent ? ' extends \\' . $parent->getName() : '';
    $text .= $own ? ($kind === 'interface' ? ' extends ' : ' implements ') . implode(', ', $own) : '';
    $text .= "\n{\n";
    foreach ($c->getReflectionConstants() as $k) {
        if ($k->isPublic() && $k->getDeclaringClass()->getName() === $c->getName()) {
            $value = $k->getValue();
            $text .= '    public const ' . $k->getName() . ' = ' . (is_scalar($value) ? var_export($value, true) : 'null') . ";\n";
        }
    }
    foreach ($c->getProperties() as $p) {
        if (!$p->isPrivate() && $p->getDeclaringClass()->getName() === $c->getName()) {
            $text .= '    ' . ($p->isPublic() ? 'public' : 'protected') . ($p->isStatic() ? ' static' : '') . rtrim(' ' . typeOf($p->getType())) . ' $' . $p->getName() . ";\n";
        }
    }
    foreach ($c->getMethods() as $m) {
        if (!$m->isPrivate() && $m->getDeclaringClass()->getName() === $c->getName()) {
            $words = ($m->isAbstract() && $kind !== 'interface' ? 'abstract ' : '') . ($m->isFinal() ? 'final ' : '') . ($m->isPublic() ? 'public' : 'protected') . ($m->isStatic() ? ' static' : '');
            $text .= documented($c->getName() . '::' . $m->getName(), '    ');
            $text .= "    $words function " . ($m->returnsReference() ? '&' : '') . $m->getName() . '(' . parameters($m) . ')' . result($m) . ($m->isAbstract() ? ";\n" : " {}\n");
        }
    }
    return $text . "}\n\n";
}

foreach ($extensions as $word) {
    $extension = new ReflectionExtension($word);
    $text = '';
    foreach ($extension->getConstants() as $name => $value) {
        if (in_array($name, ['TRUE', 'FALSE', 'NULL'], true)) {
            continue;
        }
        $text .= "const $name = " . (is_scalar($value) ? str_replace("\n", '', var_export($value, true)) : 'null') . ";\n";
    }
    $spaces = [];
    foreach ($extension->getClasses() as $class) {
        if ($class->inNamespace()) {
            $spaces[$class->getNamespaceName()] = ($spaces[$class->getNamespaceName()] ?? '') . classText($class);
        } elseif (!in_array($class->getName(), $written, true)) {
            $text .= classText($class);
        }
    }
    foreach ($spaces as $space => $classes) {
        file_put_contents($folder . '/in.' . str_replace('\\', '.', $space) . '.php', "<?php\n\nnamespace $space;\n\n" . $classes);
    }
    foreach ($extension->getFunctions() as $function) {
        if (!in_array($function->getName(), $written, true) && !$function->isDeprecated()) {
            $text .= documented($function->getName()) . 'function ' . $function->getName() . '(' . parameters($function) . ')' . result($function) . " {}\n";
        }
    }
    file_put_contents($folder . '/' . strtolower($word) . '.php', "<?php\n\n" . str_replace(["namespace\\", '__PHP_Incomplete_Class'], ['', '__Incomplete'], $text));
}
