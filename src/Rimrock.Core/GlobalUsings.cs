global using Rimrock.Core.Quantities;
global using static Rimrock.Core.Quantities.Invariant;
global using Lane = System.Runtime.Intrinsics.Vector512<double>;
global using Lanes = System.Runtime.Intrinsics.Vector512;
