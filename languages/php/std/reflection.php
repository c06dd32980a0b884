<?php

class ReflectionException extends \Exception
{
}

class Reflection
{
    public static function getModifierNames(int $modifiers): array {}
}

interface Reflector extends \Stringable
{
}

abstract class ReflectionFunctionAbstract implements \Reflector
{
    public string $name;
    public function inNamespace(): bool {}
    public function isClosure(): bool {}
    public function isDeprecated(): bool {}
    public function isInternal(): bool {}
    public function isUserDefined(): bool {}
    public function isGenerator(): bool {}
    public function isVariadic(): bool {}
    public function isStatic(): bool {}
    public function getClosureThis(): ?object {}
    public function getClosureScopeClass(): ?\ReflectionClass {}
    public function getClosureCalledClass(): ?\ReflectionClass {}
    public function getClosureUsedVariables(): array {}
    public function getDocComment(): string|false {}
    public function getEndLine(): int|false {}
    public function getExtension(): ?\ReflectionExtension {}
    public function getExtensionName(): string|false {}
    public function getFileName(): string|false {}
    public function getName(): string {}
    public function getNamespaceName(): string {}
    public function getNumberOfParameters(): int {}
    public function getNumberOfRequiredParameters(): int {}
    public function getParameters(): array {}
    public function getShortName(): string {}
    public function getStartLine(): int|false {}
    public function getStaticVariables(): array {}
    public function returnsReference(): bool {}
    public function hasReturnType(): bool {}
    public function getReturnType(): ?\ReflectionType {}
    public function hasTentativeReturnType(): bool {}
    public function getTentativeReturnType(): ?\ReflectionType {}
    public function getAttributes(?string $name = NULL, int $flags = 0): array {}
}

/** What is known of a function while running. */
class ReflectionFunction extends \ReflectionFunctionAbstract
{
    public const IS_DEPRECATED = 2048;
    public function __construct(\Closure|string $function) {}
    public function __toString(): string {}
    public function isAnonymous(): bool {}
    public function isDisabled(): bool {}
    public function invoke(mixed ...$args): mixed {}
    public function invokeArgs(array $args): mixed {}
    public function getClosure(): \Closure {}
}

final class ReflectionGenerator
{
    public function __construct(\Generator $generator) {}
    public function getExecutingLine(): int {}
    public function getExecutingFile(): string {}
    public function getTrace(int $options = DEBUG_BACKTRACE_PROVIDE_OBJECT): array {}
    public function getFunction(): \ReflectionFunctionAbstract {}
    public function getThis(): ?object {}
    public function getExecutingGenerator(): \Generator {}
}

class ReflectionParameter implements \Reflector
{
    public string $name;
    public function __construct($function, string|int $param) {}
    public function __toString(): string {}
    public function getName(): string {}
    public function isPassedByReference(): bool {}
    public function canBePassedByValue(): bool {}
    public function getDeclaringFunction(): \ReflectionFunctionAbstract {}
    public function getDeclaringClass(): ?\ReflectionClass {}
    public function getClass(): ?\ReflectionClass {}
    public function hasType(): bool {}
    public function getType(): ?\ReflectionType {}
    public function isArray(): bool {}
    public function isCallable(): bool {}
    public function allowsNull(): bool {}
    public function getPosition(): int {}
    public function isOptional(): bool {}
    public function isDefaultValueAvailable(): bool {}
    public function getDefaultValue(): mixed {}
    public function isDefaultValueConstant(): bool {}
    public function getDefaultValueConstantName(): ?string {}
    public function isVariadic(): bool {}
    public function isPromoted(): bool {}
    public function getAttributes(?string $name = NULL, int $flags = 0): array {}
}

abstract class ReflectionType implements \Stringable
{
    public function allowsNull(): bool {}
    public function __toString(): string {}
}

/** A type by its name. */
class ReflectionNamedType extends \ReflectionType
{
    public function getName(): string {}
    public function isBuiltin(): bool {}
}

class ReflectionUnionType extends \ReflectionType
{
    public function getTypes(): array {}
}

class ReflectionIntersectionType extends \ReflectionType
{
    public function getTypes(): array {}
}

/** What is known of a method while running. */
class ReflectionMethod extends \ReflectionFunctionAbstract
{
    public const IS_STATIC = 16;
    public const IS_PUBLIC = 1;
    public const IS_PROTECTED = 2;
    public const IS_PRIVATE = 4;
    public const IS_ABSTRACT = 64;
    public const IS_FINAL = 32;
    public string $class;
    public function __construct(object|string $objectOrMethod, ?string $method = NULL) {}
    public function __toString(): string {}
    public function isPublic(): bool {}
    public function isPrivate(): bool {}
    public function isProtected(): bool {}
    public function isAbstract(): bool {}
    public function isFinal(): bool {}
    public function isConstructor(): bool {}
    public function isDestructor(): bool {}
    public function getClosure(?object $object = NULL): \Closure {}
    public function getModifiers(): int {}
    public function invoke(?object $object, mixed ...$args): mixed {}
    public function invokeArgs(?object $object, array $args): mixed {}
    public function getDeclaringClass(): \ReflectionClass {}
    public function getPrototype(): \ReflectionMethod {}
    public function hasPrototype(): bool {}
    public function setAccessible(bool $accessible): void {}
}

/** What is known of a class while running. */
class ReflectionClass implements \Reflector
{
    public const IS_IMPLICIT_ABSTRACT = 16;
    public const IS_EXPLICIT_ABSTRACT = 64;
    public const IS_FINAL = 32;
    public const IS_READONLY = 65536;
    public string $name;
    public function __construct(object|string $objectOrClass) {}
    public function __toString(): string {}
    public function getName(): string {}
    public function isInternal(): bool {}
    public function isUserDefined(): bool {}
    public function isAnonymous(): bool {}
    public function isInstantiable(): bool {}
    public function isCloneable(): bool {}
    public function getFileName(): string|false {}
    public function getStartLine(): int|false {}
    public function getEndLine(): int|false {}
    public function getDocComment(): string|false {}
    public function getConstructor(): ?\ReflectionMethod {}
    public function hasMethod(string $name): bool {}
    public function getMethod(string $name): \ReflectionMethod {}
    public function getMethods(?int $filter = NULL): array {}
    public function hasProperty(string $name): bool {}
    public function getProperty(string $name): \ReflectionProperty {}
    public function getProperties(?int $filter = NULL): array {}
    public function hasConstant(string $name): bool {}
    public function getConstants(?int $filter = NULL): array {}
    public function getReflectionConstants(?int $filter = NULL): array {}
    public function getConstant(string $name): mixed {}
    public function getReflectionConstant(string $name): \ReflectionClassConstant|false {}
    public function getInterfaces(): array {}
    public function getInterfaceNames(): array {}
    public function isInterface(): bool {}
    public function getTraits(): array {}
    public function getTraitNames(): array {}
    public function getTraitAliases(): array {}
    public function isTrait(): bool {}
    public function isEnum(): bool {}
    public function isAbstract(): bool {}
    public function isFinal(): bool {}
    public function isReadOnly(): bool {}
    public function getModifiers(): int {}
    public function isInstance(object $object): bool {}
    public function newInstance(mixed ...$args): object {}
    public function newInstanceWithoutConstructor(): object {}
    public function newInstanceArgs(array $args = array ()): ?object {}
    public function getParentClass(): \ReflectionClass|false {}
    public function isSubclassOf(\ReflectionClass|string $class): bool {}
    public function getStaticProperties(): ?array {}
    public function getStaticPropertyValue(string $name, mixed $default = null): mixed {}
    public function setStaticPropertyValue(string $name, mixed $value): void {}
    public function getDefaultProperties(): array {}
    public function isIterable(): bool {}
    public function isIterateable(): bool {}
    public function implementsInterface(\ReflectionClass|string $interface): bool {}
    public function getExtension(): ?\ReflectionExtension {}
    public function getExtensionName(): string|false {}
    public function inNamespace(): bool {}
    public function getNamespaceName(): string {}
    public function getShortName(): string {}
    public function getAttributes(?string $name = NULL, int $flags = 0): array {}
}

class ReflectionObject extends \ReflectionClass
{
    public function __construct(object $object) {}
}

/** What is known of a property while running. */
class ReflectionProperty implements \Reflector
{
    public const IS_STATIC = 16;
    public const IS_READONLY = 128;
    public const IS_PUBLIC = 1;
    public const IS_PROTECTED = 2;
    public const IS_PRIVATE = 4;
    public string $name;
    public string $class;
    public function __construct(object|string $class, string $property) {}
    public function __toString(): string {}
    public function getName(): string {}
    public function getValue(?object $object = NULL): mixed {}
    public function setValue(mixed $objectOrValue, mixed $value = null): void {}
    public function isInitialized(?object $object = NULL): bool {}
    public function isPublic(): bool {}
    public function isPrivate(): bool {}
    public function isProtected(): bool {}
    public function isStatic(): bool {}
    public function isReadOnly(): bool {}
    public function isDefault(): bool {}
    public function isPromoted(): bool {}
    public function getModifiers(): int {}
    public function getDeclaringClass(): \ReflectionClass {}
    public function getDocComment(): string|false {}
    public function setAccessible(bool $accessible): void {}
    public function getType(): ?\ReflectionType {}
    public function hasType(): bool {}
    public function hasDefaultValue(): bool {}
    public function getDefaultValue(): mixed {}
    public function getAttributes(?string $name = NULL, int $flags = 0): array {}
}

class ReflectionClassConstant implements \Reflector
{
    public const IS_PUBLIC = 1;
    public const IS_PROTECTED = 2;
    public const IS_PRIVATE = 4;
    public const IS_FINAL = 32;
    public string $name;
    public string $class;
    public function __construct(object|string $class, string $constant) {}
    public function __toString(): string {}
    public function getName(): string {}
    public function getValue(): mixed {}
    public function isPublic(): bool {}
    public function isPrivate(): bool {}
    public function isProtected(): bool {}
    public function isFinal(): bool {}
    public function getModifiers(): int {}
    public function getDeclaringClass(): \ReflectionClass {}
    public function getDocComment(): string|false {}
    public function getAttributes(?string $name = NULL, int $flags = 0): array {}
    public function isEnumCase(): bool {}
}

class ReflectionExtension implements \Reflector
{
    public string $name;
    public function __construct(string $name) {}
    public function __toString(): string {}
    public function getName(): string {}
    public function getVersion(): ?string {}
    public function getFunctions(): array {}
    public function getConstants(): array {}
    public function getINIEntries(): array {}
    public function getClasses(): array {}
    public function getClassNames(): array {}
    public function getDependencies(): array {}
    public function info(): void {}
    public function isPersistent(): bool {}
    public function isTemporary(): bool {}
}

class ReflectionZendExtension implements \Reflector
{
    public string $name;
    public function __construct(string $name) {}
    public function __toString(): string {}
    public function getName(): string {}
    public function getVersion(): string {}
    public function getAuthor(): string {}
    public function getURL(): string {}
    public function getCopyright(): string {}
}

final class ReflectionReference
{
    public static function fromArrayElement(array $array, string|int $key): ?\ReflectionReference {}
    public function getId(): string {}
}

class ReflectionAttribute implements \Reflector
{
    public const IS_INSTANCEOF = 2;
    public function getName(): string {}
    public function getTarget(): int {}
    public function isRepeated(): bool {}
    public function getArguments(): array {}
    public function newInstance(): object {}
    public function __toString(): string {}
}

class ReflectionEnum extends \ReflectionClass
{
    public function __construct(object|string $objectOrClass) {}
    public function hasCase(string $name): bool {}
    public function getCase(string $name): \ReflectionEnumUnitCase {}
    public function getCases(): array {}
    public function isBacked(): bool {}
    public function getBackingType(): ?\ReflectionNamedType {}
}

class ReflectionEnumUnitCase extends \ReflectionClassConstant
{
    public function __construct(object|string $class, string $constant) {}
    public function getEnum(): \ReflectionEnum {}
    public function getValue(): \UnitEnum {}
}

class ReflectionEnumBackedCase extends \ReflectionEnumUnitCase
{
    public function __construct(object|string $class, string $constant) {}
    public function getBackingValue(): string|int {}
}

final class ReflectionFiber
{
    public function __construct(\Fiber $fiber) {}
    public function getFiber(): \Fiber {}
    public function getExecutingFile(): ?string {}
    public function getExecutingLine(): ?int {}
    public function getCallable(): callable {}
    public function getTrace(int $options = DEBUG_BACKTRACE_PROVIDE_OBJECT): array {}
}

