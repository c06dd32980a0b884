using System;
using System.Collections.Generic;
using System.Runtime.Serialization;

namespace System.ComponentModel.DataAnnotations
{
    /// <summary>How something is shown.</summary>
    public sealed class DisplayAttribute : Attribute
    {
        public DisplayAttribute() { }
        public bool AutoGenerateField { get; set; }
        public bool AutoGenerateFilter { get; set; }
        public string Description { get; set; }
        public string GroupName { get; set; }
        public string Name { get; set; }
        public int Order { get; set; }
        public string Prompt { get; set; }
        public Type ResourceType { get; set; }
        public string ShortName { get; set; }
        public bool? GetAutoGenerateField();
        public bool? GetAutoGenerateFilter();
        public string GetDescription();
        public string GetGroupName();
        public string GetName();
        public int? GetOrder();
        public string GetPrompt();
        public string GetShortName();
    }

    /// <summary>Marks a key.</summary>
    public sealed class KeyAttribute : Attribute
    {
        public KeyAttribute() { }
    }

    /// <summary>Where attributes stand.</summary>
    public sealed class MetadataTypeAttribute : Attribute
    {
        public MetadataTypeAttribute(Type metadataClassType) { }
        public Type MetadataClassType { get; }
    }

    /// <summary>Between which values.</summary>
    public class RangeAttribute : ValidationAttribute
    {
        public RangeAttribute(double minimum, double maximum) { }
        public RangeAttribute(int minimum, int maximum) { }
        public RangeAttribute(Type type, string minimum, string maximum) { }
        public object Maximum { get; }
        public object Minimum { get; }
        public Type OperandType { get; }
        public override string FormatErrorMessage(string name);
        public override bool IsValid(object value);
    }

    /// <summary>Marks what must be there.</summary>
    public class RequiredAttribute : ValidationAttribute
    {
        public RequiredAttribute() { }
        public bool AllowEmptyStrings { get; set; }
        public override bool IsValid(object value);
    }

    /// <summary>How long a text may be.</summary>
    public class StringLengthAttribute : ValidationAttribute
    {
        public StringLengthAttribute(int maximumLength) { }
        public int MaximumLength { get; }
        public int MinimumLength { get; set; }
        public override string FormatErrorMessage(string name);
        public override bool IsValid(object value);
    }

    /// <summary>The base of what is asked for.</summary>
    public abstract class ValidationAttribute : Attribute
    {
        protected ValidationAttribute() { }
        protected ValidationAttribute(Func<string> errorMessageAccessor) { }
        protected ValidationAttribute(string errorMessage) { }
        public string ErrorMessage { get; set; }
        public string ErrorMessageResourceName { get; set; }
        public Type ErrorMessageResourceType { get; set; }
        protected string ErrorMessageString { get; }
        public virtual bool RequiresValidationContext { get; }
        public virtual string FormatErrorMessage(string name);
        public ValidationResult GetValidationResult(object value, ValidationContext validationContext);
        public virtual bool IsValid(object value);
        protected virtual ValidationResult IsValid(object value, ValidationContext validationContext);
        public void Validate(object value, ValidationContext validationContext);
        public void Validate(object value, string name);
    }

    /// <summary>Where a value stands.</summary>
    public sealed class ValidationContext : IServiceProvider
    {
        public ValidationContext(object instance) { }
        public ValidationContext(object instance, IDictionary<object, object> items) { }
        public ValidationContext(object instance, IServiceProvider serviceProvider, IDictionary<object, object> items) { }
        public string DisplayName { get; set; }
        public IDictionary<object, object> Items { get; }
        public string MemberName { get; set; }
        public object ObjectInstance { get; }
        public Type ObjectType { get; }
        public System.ComponentModel.Design.IServiceContainer ServiceContainer { get; }
        public object GetService(Type serviceType);
        public void InitializeServiceProvider(Func<Type, object> serviceProvider);
    }

    /// <summary>A value that is wrong.</summary>
    public class ValidationException : Exception
    {
        public ValidationException() { }
        public ValidationException(string message) { }
        protected ValidationException(SerializationInfo info, StreamingContext context) { }
        public ValidationException(string message, Exception innerException) { }
        public ValidationException(ValidationResult validationResult, ValidationAttribute validatingAttribute, object value) { }
        public ValidationException(string errorMessage, ValidationAttribute validatingAttribute, object value) { }
        public ValidationAttribute ValidationAttribute { get; }
        public ValidationResult ValidationResult { get; }
        public object Value { get; }
    }

    /// <summary>What is wrong with a value.</summary>
    public class ValidationResult
    {
        public static ValidationResult Success;
        protected ValidationResult(ValidationResult validationResult) { }
        public ValidationResult(string errorMessage) { }
        public ValidationResult(string errorMessage, IEnumerable<string> memberNames) { }
        public string ErrorMessage { get; set; }
        public IEnumerable<string> MemberNames { get; }
    }
}
