using System;
using System.Collections.Generic;
using System.Collections.ObjectModel;
using System.ComponentModel;
using System.Linq.Expressions;
using System.Runtime.CompilerServices;

namespace System.Dynamic
{
    /// <summary>When a dynamic call means the same.</summary>
    public abstract class BindingRestrictions
    {
        public static BindingRestrictions Empty;
        public static BindingRestrictions Combine(IList<DynamicMetaObject> contributingObjects);
        public static BindingRestrictions GetExpressionRestriction(Expression expression);
        public static BindingRestrictions GetInstanceRestriction(Expression expression, object instance);
        public static BindingRestrictions GetTypeRestriction(Expression expression, Type type);
        public BindingRestrictions Merge(BindingRestrictions restrictions);
        public Expression ToExpression();
    }

    /// <summary>Finds a conversion.</summary>
    public abstract class ConvertBinder : DynamicMetaObjectBinder
    {
        protected ConvertBinder(Type type, bool explicit) { }
        public bool Explicit { get; }
        public override Type ReturnType { get; }
        public Type Type { get; }
        public override DynamicMetaObject Bind(DynamicMetaObject target, DynamicMetaObject[] args);
        public DynamicMetaObject FallbackConvert(DynamicMetaObject target);
        public abstract DynamicMetaObject FallbackConvert(DynamicMetaObject target, DynamicMetaObject errorSuggestion);
    }

    /// <summary>How dynamic calls are made.</summary>
    public class DynamicMetaObject
    {
        public static DynamicMetaObject[] EmptyMetaObjects;
        public DynamicMetaObject(Expression expression, BindingRestrictions restrictions) { }
        public DynamicMetaObject(Expression expression, BindingRestrictions restrictions, object value) { }
        public Expression Expression { get; }
        public bool HasValue { get; }
        public Type LimitType { get; }
        public BindingRestrictions Restrictions { get; }
        public Type RuntimeType { get; }
        public object Value { get; }
        public virtual DynamicMetaObject BindBinaryOperation(BinaryOperationBinder binder, DynamicMetaObject arg);
        public virtual DynamicMetaObject BindConvert(ConvertBinder binder);
        public virtual DynamicMetaObject BindCreateInstance(CreateInstanceBinder binder, DynamicMetaObject[] args);
        public virtual DynamicMetaObject BindDeleteIndex(DeleteIndexBinder binder, DynamicMetaObject[] indexes);
        public virtual DynamicMetaObject BindDeleteMember(DeleteMemberBinder binder);
        public virtual DynamicMetaObject BindGetIndex(GetIndexBinder binder, DynamicMetaObject[] indexes);
        public virtual DynamicMetaObject BindGetMember(GetMemberBinder binder);
        public virtual DynamicMetaObject BindInvoke(InvokeBinder binder, DynamicMetaObject[] args);
        public virtual DynamicMetaObject BindInvokeMember(InvokeMemberBinder binder, DynamicMetaObject[] args);
        public virtual DynamicMetaObject BindSetIndex(SetIndexBinder binder, DynamicMetaObject[] indexes, DynamicMetaObject value);
        public virtual DynamicMetaObject BindSetMember(SetMemberBinder binder, DynamicMetaObject value);
        public virtual DynamicMetaObject BindUnaryOperation(UnaryOperationBinder binder);
        public static DynamicMetaObject Create(object value, Expression expression);
        public virtual IEnumerable<string> GetDynamicMemberNames();
    }

    /// <summary>Finds what dynamic calls mean.</summary>
    public abstract class DynamicMetaObjectBinder : CallSiteBinder
    {
        protected DynamicMetaObjectBinder() { }
        public virtual Type ReturnType { get; }
        public abstract DynamicMetaObject Bind(DynamicMetaObject target, DynamicMetaObject[] args);
        public override Expression Bind(object[] args, ReadOnlyCollection<ParameterExpression> parameters, System.Linq.Expressions.LabelTarget returnLabel);
        public DynamicMetaObject Defer(params DynamicMetaObject[] args);
        public DynamicMetaObject Defer(DynamicMetaObject target, params DynamicMetaObject[] args);
        public Expression GetUpdateExpression(Type type);
    }

    /// <summary>Says itself what it has.</summary>
    public class DynamicObject : IDynamicMetaObjectProvider
    {
        protected DynamicObject() { }
        public virtual IEnumerable<string> GetDynamicMemberNames();
        public virtual DynamicMetaObject GetMetaObject(Expression parameter);
        public virtual bool TryBinaryOperation(BinaryOperationBinder binder, object arg, out object result);
        public virtual bool TryConvert(ConvertBinder binder, out object result);
        public virtual bool TryCreateInstance(CreateInstanceBinder binder, object[] args, out object result);
        public virtual bool TryDeleteIndex(DeleteIndexBinder binder, object[] indexes);
        public virtual bool TryDeleteMember(DeleteMemberBinder binder);
        public virtual bool TryGetIndex(GetIndexBinder binder, object[] indexes, out object result);
        public virtual bool TryGetMember(GetMemberBinder binder, out object result);
        public virtual bool TryInvoke(InvokeBinder binder, object[] args, out object result);
        public virtual bool TryInvokeMember(InvokeMemberBinder binder, object[] args, out object result);
        public virtual bool TrySetIndex(SetIndexBinder binder, object[] indexes, object value);
        public virtual bool TrySetMember(SetMemberBinder binder, object value);
        public virtual bool TryUnaryOperation(UnaryOperationBinder binder, out object result);
    }

    /// <summary>Members that come and go.</summary>
    public sealed class ExpandoObject : INotifyPropertyChanged, IDictionary<string, object>, IDynamicMetaObjectProvider
    {
        public ExpandoObject() { }
    }

    /// <summary>Finds a member.</summary>
    public abstract class GetMemberBinder : DynamicMetaObjectBinder
    {
        protected GetMemberBinder(string name, bool ignoreCase) { }
        public bool IgnoreCase { get; }
        public string Name { get; }
        public override Type ReturnType { get; }
        public override DynamicMetaObject Bind(DynamicMetaObject target, DynamicMetaObject[] args);
        public DynamicMetaObject FallbackGetMember(DynamicMetaObject target);
        public abstract DynamicMetaObject FallbackGetMember(DynamicMetaObject target, DynamicMetaObject errorSuggestion);
    }

    /// <summary>Says itself how it is called.</summary>
    public interface IDynamicMetaObjectProvider
    {
        DynamicMetaObject GetMetaObject(Expression parameter);
    }

    /// <summary>Finds a method.</summary>
    public abstract class InvokeMemberBinder : DynamicMetaObjectBinder
    {
        protected InvokeMemberBinder(string name, bool ignoreCase, CallInfo callInfo) { }
        public CallInfo CallInfo { get; }
        public bool IgnoreCase { get; }
        public string Name { get; }
        public override Type ReturnType { get; }
        public override DynamicMetaObject Bind(DynamicMetaObject target, DynamicMetaObject[] args);
        public abstract DynamicMetaObject FallbackInvoke(DynamicMetaObject target, DynamicMetaObject[] args, DynamicMetaObject errorSuggestion);
        public DynamicMetaObject FallbackInvokeMember(DynamicMetaObject target, DynamicMetaObject[] args);
        public abstract DynamicMetaObject FallbackInvokeMember(DynamicMetaObject target, DynamicMetaObject[] args, DynamicMetaObject errorSuggestion);
    }

    /// <summary>Finds a member to set.</summary>
    public abstract class SetMemberBinder : DynamicMetaObjectBinder
    {
        protected SetMemberBinder(string name, bool ignoreCase) { }
        public bool IgnoreCase { get; }
        public string Name { get; }
        public override Type ReturnType { get; }
        public override DynamicMetaObject Bind(DynamicMetaObject target, DynamicMetaObject[] args);
        public DynamicMetaObject FallbackSetMember(DynamicMetaObject target, DynamicMetaObject value);
        public abstract DynamicMetaObject FallbackSetMember(DynamicMetaObject target, DynamicMetaObject value, DynamicMetaObject errorSuggestion);
    }
}
