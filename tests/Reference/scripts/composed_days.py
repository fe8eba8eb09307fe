# When days composed of every step there is are done, and what they hang on, by networkx over hands and waiting as tasks of their own.
# Run: python3 tests/Reference/scripts/composed_days.py > tests/Reference/values/composed_days.json
import json
from pathlib import Path
import networkx as nx

days = json.loads((Path(__file__).parents[3] / "core/tests/fixtures/wash-time.json").read_text())
cases = []
for day in days:
    graph = nx.DiGraph()
    graph.add_node("end")
    hands, on = None, []
    for step in day["steps"]:
        if step["after_client"]:
            continue
        key = step["key"]
        # A task is an edge from its begin to its end; hands wait for hands, and a step not done beside waits for all that is on.
        graph.add_edge(f"{key} begins", f"{key} ends", weight=step["hands_on_minutes"])
        if hands is not None:
            graph.add_edge(f"{hands} ends", f"{key} begins", weight=0)
        if not step["beside"]:
            for other in on:
                graph.add_edge(f"{other} is off", f"{key} begins", weight=0)
            on = []
        if step["waiting_minutes"] > 0:
            graph.add_edge(f"{key} ends", f"{key} is off", weight=step["waiting_minutes"])
            graph.add_edge(f"{key} is off", "end", weight=0)
            on.append(key)
        graph.add_edge(f"{key} ends", "end", weight=0)
        hands = key
    assert nx.is_directed_acyclic_graph(graph)
    cases.append({"finish": nx.dag_longest_path_length(graph, weight="weight")})
print(json.dumps({"made_by": f"networkx {nx.__version__}", "cases": cases}))
