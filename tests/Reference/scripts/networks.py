# Longest paths of random step networks, by networkx. Run: python3 tests/Reference/scripts/networks.py > tests/Reference/values/networks.json
import json, random
import networkx as nx
random.seed(11)
cases = []
for n in [1, 2, 5, 9, 14, 20, 27, 33]:
    for _ in range(3):
        tasks = []
        for i in range(n):
            before = sorted(random.sample(range(i), min(i, random.randint(0, 3))))
            tasks.append({"key": f"s{i}", "hands_on": round(random.uniform(0, 20), 2), "waiting": round(random.choice([0, 0, random.uniform(0, 45)]), 2), "after": [f"s{k}" for k in before]})
        graph = nx.DiGraph()
        graph.add_node("end")
        for task in tasks:
            graph.add_edge(task["key"], "end", weight=task["hands_on"] + task["waiting"])
            for before in task["after"]:
                graph.add_edge(before, task["key"], weight=next(t["hands_on"] + t["waiting"] for t in tasks if t["key"] == before))
        longest = nx.dag_longest_path_length(graph, weight="weight")
        path = [k for k in nx.dag_longest_path(graph, weight="weight") if k != "end"]
        cases.append({"tasks": tasks, "finish": longest, "path": path})
print(json.dumps({"made_by": f"networkx {nx.__version__}", "cases": cases}))
