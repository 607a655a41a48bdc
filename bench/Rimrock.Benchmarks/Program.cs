using BenchmarkDotNet.Running;

BenchmarkSwitcher.FromAssembly(typeof(Rimrock.Benchmarks.SessionBenchmark).Assembly).Run(args);
